<?php

declare(strict_types=1);

use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Reading\NameBook;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\NoteReader;
use Tests\Support\NoteInShort;
use Tests\Support\Shipped;

function notes(): NoteReader
{
    static $reader = null;

    return $reader ??= new NoteReader(Shipped::catalogue());
}

/** @return array<string, array{string, string}> A note, and its reading. */
function notesIn(string $file): array
{
    $notes = [];
    foreach (file(__DIR__."/../../../data/{$file}", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if (! str_starts_with($line, '#')) {
            [$note, $reading] = explode(' => ', $line, 2);
            $notes[$note] = [str_replace(['\n', '\t'], ["\n", "\t"], $note), $reading];
        }
    }

    return $notes;
}

it('reads what trainers scribble, or asks', function (string $note, string $reading): void {
    expect(NoteInShort::of(notes()->read($note)))->toBe($reading);
})->with(notesIn('notes.txt'));

it('does as well by notes it was not written with: nine in ten right, the rest asked, none silently something else', function (): void {
    $notes = notesIn('notes-held-back.txt');
    $right = $asked = 0;
    $wrong = [];
    foreach ($notes as [$text, $reading]) {
        $note = notes()->read($text);
        match (true) {
            NoteInShort::of($note) === $reading => $right++,
            $note->doubts() !== [] => $asked++,
            default => $wrong[] = "{$text}: ".NoteInShort::of($note),
        };
    }
    expect($wrong)->toBe([])->and(count($notes))->toBeGreaterThanOrEqual(100)
        ->and($right / count($notes))->toBeGreaterThanOrEqual(0.9)
        ->and($right + $asked)->toBe(count($notes));
});

it('turns no word into an exercise it does not name', function (string $note): void {
    $read = notes()->read($note);
    $named = array_merge(...[[], ...array_map(static fn ($block): array => array_filter(
        $block->items,
        static fn (NotedItem $item): bool => $item->meant->exercise() !== null,
    ), $read->blocks())]);
    expect($named)->toBe([])->and($read->doubts())->not->toBe([]);
})->with(['anvil toss 3x3', 'the dog 3x10', 'bench 3x10', 'press', 'lift 10', 'machine 3x12', 'chest 3x10', 'zzz']);

it('says where a question stands, in characters of the whole note', function (): void {
    $note = "Übung: squat 3x10 – ok\n\n✓ anvil toss 3x3\nrow 3x12 @ 8";
    $read = notes()->read($note)->doubts();
    $texts = array_map(static fn (Doubt $doubt): string => mb_substr($note, $doubt->from, $doubt->to - $doubt->from), $read);
    expect($texts)->toBe(['anvil toss', '@ 8'])
        ->and(array_map(static fn (Doubt $doubt): string => $doubt->text, $read))->toBe($texts)
        ->and($read[0]->nearest)->toHaveCount(3)->and($read[1]->choices)->toBe(['rpe 8', '8 kg']);
});

it('understands an answer that was put in the place of what was asked', function (): void {
    foreach (notesIn('notes.txt') + notesIn('notes-held-back.txt') as [$text]) {
        for ($round = 0; $round < 6; $round++) {
            $open = array_values(array_filter(
                notes()->read($text)->doubts(),
                static fn (Doubt $doubt): bool => $doubt->nearest !== [] || $doubt->choices !== [],
            ));
            if ($open === []) {
                break;
            }
            $answer = $open[0]->choices[0] ?? $open[0]->nearest[0]->nameInASentence();
            $text = mb_substr($text, 0, $open[0]->from).$answer.mb_substr($text, $open[0]->to);
        }
        expect($open)->toBe([], $text);
    }
});

it('reads every name and alias of the catalogue as an exercise that is called so', function (): void {
    $names = new NameBook(Shipped::catalogue());
    $wrong = [];
    foreach (Shipped::catalogue()->exercises as $exercise) {
        foreach ([$exercise->name, ...$exercise->aliases] as $name) {
            $meant = $names->meant($name);
            // Two exercises may share an alias, and of a family named alone the usual one is meant.
            if (! $meant->isSure || ! in_array($exercise->id, array_map(static fn ($one): string => $one->id, $meant->exercises), true)) {
                $wrong[] = "{$name}: ".($meant->exercises[0]->id ?? 'nothing').($meant->isSure ? '' : '?');
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('answers whatever is pasted, and makes nothing up', function (string $text, int $named): void {
    $note = notes()->read($text);
    $items = array_merge(...[[], ...array_map(static fn ($block): array => $block->items, $note->blocks())]);
    expect(array_filter($items, static fn (NotedItem $item): bool => $item->meant->exercise() !== null))->toHaveCount($named);
})->with([
    'a million digits' => [str_repeat('7', 1_000_000), 0],
    'only marks' => [str_repeat('.,;/!? ', 100_000), 0],
    'strokes' => [str_repeat('/', 10_000), 0],
    'strokes with room' => [str_repeat('/ ', 900), 0],
    'a line of a million letters' => [str_repeat('squat ', 170_000), 0],
    'numbers and strokes' => [str_repeat('1/2 ', 450), 0],
    'numbers and commas' => [str_repeat('12, ', 500), 0],
    'brackets' => [str_repeat('(', 1_000).str_repeat(')', 1_000), 0],
    'right to left, and pictures' => [str_repeat("\u{5EA}\u{5E8}\u{5D2}\u{5D9}\u{5DC} \u{1F4AA} 3x10\n", 50), 0],
    'broken letters' => ["goblet squat 3x10\n\xff\xfe\xfa\n\x00\x01", 1],
    'three hundred lines' => [str_repeat("goblet squat 3x10 12kg\n", 300), 300],
    'nothing' => [" \n\t\n ", 0],
]);
