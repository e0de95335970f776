<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;

/** What is told of somebody that says what people like them usually can. */
final readonly class Person
{
    public const FEMALE = 'female';

    public const MALE = 'male';

    private function __construct(public Body $body, public ?string $sex, public ?float $ageYears, public ?Experience $experience)
    {
    }

    /**
     * @param  string|null  $sex  `female`, `male`, or null where nobody said.
     * @param  float|null  $ageYears  5 to 110; null where nobody said.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function of(Body $body, ?string $sex = null, ?float $ageYears = null, ?Experience $experience = null): self
    {
        if (! in_array($sex, [null, self::FEMALE, self::MALE], true)) {
            throw InvalidQuantity::because('client.sex', 'client.sex must be female or male, or left out.');
        }
        if ($ageYears !== null && ($ageYears < 5 || $ageYears > 110)) {
            throw InvalidQuantity::notBetween('client.birth_year', $ageYears, 5, 110, 'years of age');
        }

        return new self($body, $sex, $ageYears, $experience);
    }
}
