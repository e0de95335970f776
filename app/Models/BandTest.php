<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\Scale;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One calibration of a band on the scale.
 *
 * @property int $id
 * @property Carbon $tested_on
 * @property float $rest_length_cm
 * @property list<array{length_cm: float, force_n: float}> $points
 * @property float $a_n
 * @property float $b_n
 * @property float $rms_n
 * @property Scale $scale
 */
final class BandTest extends Model
{
    protected $fillable = ['tested_on', 'rest_length_cm', 'points', 'a_n', 'b_n', 'rms_n', 'scale'];

    protected $casts = [
        'tested_on' => 'date',
        'rest_length_cm' => 'float',
        'points' => 'array',
        'a_n' => 'float',
        'b_n' => 'float',
        'rms_n' => 'float',
        'scale' => Scale::class,
    ];
}
