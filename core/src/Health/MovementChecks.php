<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Limit;

/** Simple checks at a visit, and the limits they suggest; the trainer decides. */
final readonly class MovementChecks
{
    /** Fewer rises from a chair in 30 s are a sign of weak legs in older people (Rikli & Jones 2013). */
    private const LEAST_RISES = 8;

    /** Not standing 5 s on one leg goes with falls that injure (Vellas et al. 1997). */
    private const LEAST_BALANCE_S = 5.0;

    /** A side weaker by more than this is worth working first and alone; a common rule of thumb. */
    private const MOST_DIFFERENCE = 0.15;

    private function __construct(
        public ?int $rises,
        public ?float $leftBalanceS,
        public ?float $rightBalanceS,
        public ?string $overhead,
        public ?float $leftKg,
        public ?float $rightKg,
    ) {
    }

    /**
     * @param  int|null  $rises  Sit-to-stands in 30 s, 0 to 60.
     * @param  float|null  $leftBalanceS  Seconds on the left leg, 0 to 120.
     * @param  string|null  $overhead  Both arms up beside the ears: `free`, `short` or `painful`.
     * @param  float|null  $leftKg  The same lift with the left side alone, kilograms or repetitions, 0 to 300.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function of(
        ?int $rises = null,
        ?float $leftBalanceS = null,
        ?float $rightBalanceS = null,
        ?string $overhead = null,
        ?float $leftKg = null,
        ?float $rightKg = null,
    ): self {
        foreach ([
            'rises' => [$rises, 60, 'times'],
            'leftBalanceS' => [$leftBalanceS, 120, 's'],
            'rightBalanceS' => [$rightBalanceS, 120, 's'],
            'leftKg' => [$leftKg, 300, ''],
            'rightKg' => [$rightKg, 300, ''],
        ] as $field => [$value, $most, $unit]) {
            if ($value !== null) {
                InvalidQuantity::unlessBetween($field, $value, 0, $most, $unit);
            }
        }
        if ($overhead !== null && ! in_array($overhead, ['free', 'short', 'painful'], true)) {
            throw InvalidQuantity::because('overhead', 'Reaching overhead is free, short or painful.');
        }

        return new self($rises, $leftBalanceS, $rightBalanceS, $overhead, $leftKg, $rightKg);
    }

    /** @return array<string, array{limit: Limit, why: string}> By limit. */
    public function proposals(): array
    {
        $proposals = [];
        if ($this->rises !== null && $this->rises < self::LEAST_RISES) {
            $proposals[Limit::BalanceSupport->value] = [
                'limit' => Limit::BalanceSupport,
                'why' => sprintf('%d rises from a chair in 30 s; fewer than %d is few.', $this->rises, self::LEAST_RISES),
            ];
        }
        $balance = array_filter([$this->leftBalanceS, $this->rightBalanceS], static fn (?float $seconds): bool => $seconds !== null);
        if ($balance !== [] && min($balance) < self::LEAST_BALANCE_S) {
            $proposals[Limit::BalanceSupport->value] = [
                'limit' => Limit::BalanceSupport,
                'why' => sprintf('%.0f s on one leg; under %.0f s falls are more likely.', min($balance), self::LEAST_BALANCE_S),
            ];
        }
        if ($this->overhead === 'short' || $this->overhead === 'painful') {
            $proposals[Limit::NoOverhead->value] = [
                'limit' => Limit::NoOverhead,
                'why' => $this->overhead === 'short'
                    ? 'The arms do not reach overhead without the ribs rising.'
                    : 'Reaching overhead hurts; ask a clinician if it lasts.',
            ];
        }

        return $proposals;
    }

    /** How much weaker the weaker side is, as a share of the stronger; null where both sides were not tried. */
    public function sideDifference(): ?float
    {
        if ($this->leftKg === null || $this->rightKg === null || max($this->leftKg, $this->rightKg) <= 0) {
            return null;
        }

        return abs($this->leftKg - $this->rightKg) / max($this->leftKg, $this->rightKg);
    }

    /** What to do about a difference of sides; empty where it is small or unknown. */
    public function sideAdvice(): string
    {
        $difference = $this->sideDifference();
        if ($difference === null || $difference <= self::MOST_DIFFERENCE) {
            return '';
        }

        return sprintf(
            'The %s side does %.0f %% less: one side at a time, that side first, the other does no more.',
            $this->leftKg < $this->rightKg ? 'left' : 'right',
            100 * $difference,
        );
    }
}
