<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shelf\SupportCheckResource;
use App\Models\Client;
use App\Models\ShelfItem;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Shelf\SupportCheck;

/** Whether a client's pole or furniture holds what an exercise puts on it, with the figure, the load and the sum. */
final readonly class CheckSupport
{
    /** What each kind is checked for, the exercise that asks most of it first. */
    public const USES = [
        'pole' => ['inverted-row'],
        'table' => ['inverted-row', 'push-up'],
        'chair' => ['chair-dip', 'push-up'],
        'stool' => ['chair-dip', 'push-up'],
        'sofa' => ['chair-dip', 'push-up'],
        'step' => ['push-up'],
    ];

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private DescribeClient $describe)
    {
    }

    /**
     * @param  array{spanCm: float|null, barHeightCm: float|null, depthCm: float|null, overhangCm: float|null}  $measured
     *
     * @throws InvalidQuantity If a measure is missing or out of range, naming it.
     */
    public function handle(Client $client, ShelfItem $item, string $exerciseId, array $measured): SupportCheckResource
    {
        $exercise = $this->catalogue->exercise($exerciseId);
        $body = $this->describe->body($client);
        $thing = $item->toThing();
        $heightCm = $thing->heightM > 0 ? $thing->heightM * 100 : $measured['barHeightCm'];
        $setting = Setting::bodyWeight()->withHeights(supportHeightM: $exerciseId === 'push-up' ? $thing->heightM : 0.0, footHeightM: 0.0);
        $curve = $this->model->curve($exercise, $body, $setting);
        // Both arms together, at the hardest point.
        $loadKg = 2 * $curve->peak() / Body::GRAVITY;
        $barHeightCm = $item->kind === 'pole'
            ? self::needed('barHeightCm', $measured['barHeightCm'], 'How high does it lie, in centimetres?')
            : 0.0;
        $check = SupportCheck::refusal($thing) ?? ($item->kind === 'pole'
            ? SupportCheck::pole(
                PoleMaterial::tryFrom(is_string($item->measures['material'] ?? null) ? $item->measures['material'] : '')
                    ?? PoleMaterial::Softwood,
                self::needed('spanCm', $measured['spanCm'], 'How far apart are the two supports, in centimetres?') / 100,
                self::needed('diameterMm', self::measure($item, 'diameter_mm'), 'How thick is the pole, in millimetres?'),
                self::measure($item, 'wall_mm'),
                $loadKg,
            )
            : SupportCheck::edge(
                self::needed(
                    'massKg',
                    $thing->massKg > 0 ? $thing->massKg : null,
                    "What does the {$item->name} weigh? Without its mass nobody can say whether it tips.",
                ),
                self::needed('depthCm', $measured['depthCm'], 'How far apart are its legs, front to back, in centimetres?') / 100,
                ($measured['overhangCm'] ?? 100 * SupportCheck::USUAL_OVERHANG_M) / 100,
                $loadKg,
            ));

        // A thing that was refused once is not leaned on until a later check finds it sound.
        $item->update([
            'measures' => [
                'checked' => $check->verdict->value,
                'checked_on' => $client->trainer->today()->toDateString(),
                'checked_for' => $exercise->id,
            ] + ($item->kind === 'pole' ? ['height_cm' => $barHeightCm] : []) + $item->measures,
        ]);

        return new SupportCheckResource(
            itemId: $item->id,
            itemName: $item->name,
            exercise: $exercise->name,
            verdict: $check->verdict->value,
            usedPercent: is_finite($check->used) ? round(100 * $check->used) : null,
            loadKg: round($loadKg, 1),
            heightCm: $heightCm,
            sum: $check->sum,
            words: $check->words,
            figure: FigureResource::of($this->model->rig($exercise, $body, $setting), $exercise, $setting, $body),
        );
    }

    /** @throws InvalidQuantity If it is not there. */
    private static function needed(string $field, ?float $value, string $question): float
    {
        return $value ?? throw InvalidQuantity::because($field, $question);
    }

    private static function measure(ShelfItem $item, string $name): ?float
    {
        $value = $item->measures[$name] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }
}
