<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The room a client trains in.
 *
 * @property int $id
 * @property float|null $ceiling_cm
 * @property string $floor
 * @property bool $quiet
 * @property list<array{id: string, height_cm: float, kind: string}> $anchors
 * @property string $note
 * @property float|null $length_m Clear floor, the long way.
 * @property float|null $width_m
 * @property string $quiet_hours As in "22:00 to 07:00".
 * @property bool $pets
 * @property bool $children
 * @property bool $has_wall A clear stretch of wall; every home has one unless told otherwise.
 */
final class Home extends Model
{
    protected $fillable = [
        'ceiling_cm', 'floor', 'quiet', 'anchors', 'note', 'length_m', 'width_m', 'quiet_hours', 'pets', 'children', 'has_wall',
    ];

    protected $casts = [
        'ceiling_cm' => 'float',
        'quiet' => 'boolean',
        'anchors' => 'array',
        'length_m' => 'float',
        'width_m' => 'float',
        'pets' => 'boolean',
        'children' => 'boolean',
        'has_wall' => 'boolean',
    ];
}
