<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** The side of a balance a pattern counts for: pushing against pulling, the front of the leg against its back. */
enum Region: string
{
    case Push = 'push';
    case Pull = 'pull';
    case Front = 'front';
    case Back = 'back';

    public static function of(string $pattern): ?self
    {
        return match ($pattern) {
            'horizontal-press', 'vertical-press', 'dip' => self::Push,
            'horizontal-pull', 'vertical-pull', 'shoulder-extension' => self::Pull,
            'squat', 'single-leg', 'knee-extension' => self::Front,
            'hinge', 'bridge', 'knee-flexion', 'hip-extension' => self::Back,
            default => null,
        };
    }
}
