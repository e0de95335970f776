<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Actions\Shelf\CheckSupport;
use App\Http\Requests\Clients\ClientRequest;
use App\Models\ShelfItem;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

final class CheckSupportRequest extends ClientRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return [
            'exercise' => ['nullable', Rule::in($this->uses())],
            'spanCm' => ['nullable', 'numeric', 'between:20,300'],
            'barHeightCm' => ['nullable', 'numeric', 'between:30,200'],
            'depthCm' => ['nullable', 'numeric', 'between:15,300'],
            'overhangCm' => ['nullable', 'numeric', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'exercise.in' => 'It is not checked for that.',
            'spanCm.between' => 'Supports stand between 20 and 300 cm apart.',
            'barHeightCm.between' => 'A bar lies between 30 and 200 cm high.',
            'depthCm.between' => 'Legs stand between 15 and 300 cm apart.',
        ];
    }

    public function exercise(): string
    {
        return $this->filled('exercise') ? $this->text('exercise') : ($this->uses()[0] ?? abort(404));
    }

    /** @return array{spanCm: float|null, barHeightCm: float|null, depthCm: float|null, overhangCm: float|null} */
    public function measured(): array
    {
        return [
            'spanCm' => $this->filled('spanCm') ? $this->float('spanCm') : null,
            'barHeightCm' => $this->filled('barHeightCm') ? $this->float('barHeightCm') : null,
            'depthCm' => $this->filled('depthCm') ? $this->float('depthCm') : null,
            'overhangCm' => $this->filled('overhangCm') ? $this->float('overhangCm') : null,
        ];
    }

    /** @return list<string> */
    private function uses(): array
    {
        $item = $this->route('shelf_item');

        return $item instanceof ShelfItem ? CheckSupport::USES[$item->kind] ?? [] : [];
    }
}
