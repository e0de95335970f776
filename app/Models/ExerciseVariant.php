<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A trainer's own version of a shipped exercise: own name, own cues.
 *
 * @property int $id
 * @property int $user_id
 * @property string $exercise
 * @property string $name
 * @property array{set_up: list<string>, outward: list<string>, inward: list<string>, breath: string} $cues
 * @property string $note
 */
final class ExerciseVariant extends Model
{
    use SoftDeletes;

    protected $fillable = ['exercise', 'name', 'cues', 'note'];

    protected $casts = ['cues' => 'array'];

    /** @return BelongsTo<User, $this> */
    public function trainer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }
}
