<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Text\Plain;

/** What a client likes, dislikes and has done, as far as it speaks for one rung or against it. */
final readonly class Preferences
{
    /** Bands go by many names. */
    private const KINDS = [
        'tube' => 'band',
        'flat-band' => 'band',
        'long-loop' => 'band',
        'mini-loop' => 'band',
        'object' => 'household object',
    ];

    /** So many sets of an exercise and it counts as known. */
    private const KNOWN_SETS = 3;

    /**
     * @param  list<string>  $likes  Phrases, lower case, singular.
     * @param  list<string>  $dislikes
     * @param  array<string, int>  $done  Sets logged of late, by exercise.
     */
    private function __construct(private array $likes, private array $dislikes, private array $done)
    {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /**
     * @param  string  $likes  In the trainer's own words, phrases parted by commas, "and" or full stops: "lunges, kettlebells".
     * @param  array<string, int>  $done  Sets logged of late, by exercise.
     */
    public static function of(string $likes, string $dislikes, array $done = []): self
    {
        return new self(self::phrases($likes), self::phrases($dislikes), $done);
    }

    /** 0 for what is disliked, 0.5 for what nothing is known of, 1 for what is liked or known. */
    public function scoreOf(Rung $rung): float
    {
        return match (true) {
            $this->names($this->dislikes, $rung) !== null => 0.0,
            $this->names($this->likes, $rung) !== null, $this->knows($rung->exercise) => 1.0,
            default => 0.5,
        };
    }

    /** The most that `scoreOf()` gives any rung of an exercise. */
    public function mostOf(Exercise $exercise): float
    {
        return $this->likes === [] && ! $this->knows($exercise) ? 0.5 : 1.0;
    }

    /** Why it is liked or known; null where there is nothing to say. */
    public function reasonFor(Rung $rung): ?string
    {
        $disliked = $this->names($this->dislikes, $rung);
        $liked = $this->names($this->likes, $rung);

        return match (true) {
            $disliked !== null => "The client does not like it ({$disliked}).",
            $liked !== null => "The client likes it ({$liked}).",
            $this->knows($rung->exercise) => sprintf(
                'The client knows it: %s of late.',
                Plain::count($this->done[$rung->exercise->id], 'set'),
            ),
            default => null,
        };
    }

    private function knows(Exercise $exercise): bool
    {
        return ($this->done[$exercise->id] ?? 0) >= self::KNOWN_SETS;
    }

    /** @param  list<string>  $phrases */
    private function names(array $phrases, Rung $rung): ?string
    {
        if ($phrases === []) {
            return null;
        }
        $kind = self::KINDS[$rung->setting->implement] ?? str_replace('-', ' ', $rung->setting->implement);
        $names = mb_strtolower(
            implode(
                '|',
                [
                    $rung->exercise->name,
                    ...$rung->exercise->aliases,
                    $kind,
                    ...array_map(static fn (Thing $thing): string => $thing->name, $rung->things),
                ],
            ),
        );
        foreach ($phrases as $phrase) {
            if (str_contains($names, $phrase)) {
                return $phrase;
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function phrases(string $text): array
    {
        $phrases = [];
        foreach (explode(',', str_replace([';', '.', ' and '], ',', mb_strtolower($text))) as $phrase) {
            $phrase = trim($phrase);
            // "Lunges" is a lunge; "press" is no plural.
            $phrase = str_ends_with($phrase, 's') && ! str_ends_with($phrase, 'ss') ? substr($phrase, 0, -1) : $phrase;
            if (mb_strlen($phrase) > 2) {
                $phrases[] = $phrase;
            }
        }

        return $phrases;
    }
}
