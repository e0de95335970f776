<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\SetOrder;

/** @return array{id: int, sets: int, perSide: bool, restSeconds: int} */
function exerciseOf(int $id, int $sets, bool $perSide = false, int $rest = 60): array
{
    return ['id' => $id, 'sets' => $sets, 'perSide' => $perSide, 'restSeconds' => $rest];
}

/** @param  list<array{itemId: int, setNumber: int, side: string|null, restSeconds: int}>  $steps */
function inShort(array $steps): string
{
    return implode(' ', array_map(static fn (array $step): string => $step['itemId'].'.'.$step['setNumber'].($step['side'][0] ?? ''), $steps));
}

it('puts the sets of a session in order', function (array $blocks, string $expected): void {
    expect(inShort(SetOrder::of($blocks)))->toBe($expected);
})->with([
    'straight sets finish one exercise first' => [[['kind' => 'straight', 'items' => [exerciseOf(1, 2), exerciseOf(2, 2)]]], '1.1 1.2 2.1 2.2'],
    'a superset goes round' => [[['kind' => 'superset', 'items' => [exerciseOf(1, 2), exerciseOf(2, 2)]]], '1.1 2.1 1.2 2.2'],
    'a circuit with fewer rounds of one' => [[['kind' => 'circuit', 'items' => [exerciseOf(1, 3), exerciseOf(2, 1), exerciseOf(3, 3)]]], '1.1 2.1 3.1 1.2 3.2 1.3 3.3'],
    'sides are sets of their own' => [[['kind' => 'straight', 'items' => [exerciseOf(1, 2, perSide: true)]]], '1.1l 1.1r 1.2l 1.2r'],
    'blocks follow each other' => [[['kind' => 'superset', 'items' => [exerciseOf(1, 1), exerciseOf(2, 1)]], ['kind' => 'straight', 'items' => [exerciseOf(3, 1)]]], '1.1 2.1 3.1'],
    'nothing to do' => [[], ''],
]);

it('rests after the second side, not between the two', function (): void {
    expect(array_column(SetOrder::of([['kind' => 'straight', 'items' => [exerciseOf(1, 1, perSide: true, rest: 75)]]]), 'restSeconds'))->toBe([0, 75]);
});
