<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;

final class MoveSwapRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'setting' => ['required', 'array'],
            'exercise' => ['required', 'string', 'max:80'],
            'scope' => ['nullable', 'in:set,today'],
            'moved' => ['present', 'array'],
            'moved.*' => ['required', 'numeric'],
        ];
    }

    /** @throws InvalidQuantity If it is no setting, naming what is wrong. */
    public function offered(): Setting
    {
        $setting = $this->input('setting');

        return Setting::fromArray(is_array($setting) ? $setting : []);
    }

    /** @return array<string, float> */
    public function moved(): array
    {
        $moved = [];
        $said = $this->input('moved');
        foreach (is_array($said) ? $said : [] as $name => $value) {
            if (is_numeric($value)) {
                $moved[(string) $name] = (float) $value;
            }
        }

        return $moved;
    }
}
