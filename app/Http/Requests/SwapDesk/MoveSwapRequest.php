<?php

declare(strict_types=1);

namespace App\Http\Requests\SwapDesk;

use App\Enums\SwapScope;
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

    public function scope(): SwapScope
    {
        return $this->input('scope') === SwapScope::Set->value ? SwapScope::Set : SwapScope::Today;
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
