<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Dated body measures of a client.
 *
 * @property int $id
 * @property Carbon $measured_on
 * @property float $height_cm
 * @property float $body_mass_kg
 * @property array<string, float> $limbs Measured lengths, centimetres by limb name.
 */
final class BodyMeasure extends Model
{
    protected $fillable = ['measured_on', 'height_cm', 'body_mass_kg', 'limbs'];

    protected $casts = ['measured_on' => 'date', 'height_cm' => 'float', 'body_mass_kg' => 'float', 'limbs' => 'array'];
}
