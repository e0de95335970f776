<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

/**
 * What a limit of a person switches off or alters, said once for everything that shares a trait.
 *
 * An exercise carries traits such as `overhead` or `supine`; its position counts as one. A rule names the limits a
 * trait meets, with their words. An exercise may override a rule in its own `limits`, or lift it with null.
 */
final readonly class LimitRules
{
    /** @param  array<string, array<string, array{effect: string, why: string}>>  $byTrait */
    private function __construct(private array $byTrait)
    {
    }

    /** @param  array<string, mixed>  $data  Decoded `catalogue/limits.json`. */
    public static function fromArray(array $data): self
    {
        /** @var array<string, array<string, array{effect: string, why: string}>> $data */
        return new self($data);
    }

    /**
     * Limits of an exercise: by its traits, then as it says itself. Excluding wins over altering among traits.
     *
     * @param  list<string>  $traits
     * @param  array<string, array{effect: string, why: string}|null>  $own
     * @return array<string, array{effect: string, why: string}>
     */
    public function limitsFor(array $traits, array $own): array
    {
        $limits = [];
        foreach ($traits as $trait) {
            foreach ($this->byTrait[$trait] ?? [] as $limit => $rule) {
                if (! isset($limits[$limit]) || ($limits[$limit]['effect'] === 'alter' && $rule['effect'] === 'exclude')) {
                    $limits[$limit] = $rule;
                }
            }
        }

        return array_filter(array_replace($limits, $own), static fn (?array $rule): bool => $rule !== null);
    }

    /** @return list<string> */
    public function traits(): array
    {
        return array_keys($this->byTrait);
    }
}
