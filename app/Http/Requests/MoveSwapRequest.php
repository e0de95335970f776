<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class MoveSwapRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'size:16'],
            'exercise' => ['required', 'string', 'max:80'],
            'moved' => ['present', 'array'],
            'moved.*' => ['required', 'numeric'],
        ];
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
