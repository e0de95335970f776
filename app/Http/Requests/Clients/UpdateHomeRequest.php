<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

final class UpdateHomeRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'ceilingCm' => ['nullable', 'numeric', 'between:140,600'],
            'floor' => ['required', 'in:smooth,carpet,rocking'],
            'quiet' => ['required', 'boolean'],
            'quietHours' => ['nullable', 'string', 'max:60'],
            'lengthM' => ['nullable', 'numeric', 'between:0.5,50'],
            'widthM' => ['nullable', 'numeric', 'between:0.5,50'],
            'pets' => ['required', 'boolean'],
            'children' => ['required', 'boolean'],
            'hasWall' => ['sometimes', 'boolean'],
            'note' => ['nullable', 'string', 'max:500'],
            'anchors' => ['present', 'array', 'max:8'],
            'anchors.*.heightCm' => ['required', 'numeric', 'between:0,260'],
            'anchors.*.kind' => ['required', 'in:door,rail,ring,post'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'ceilingCm.between' => 'A ceiling is between 140 and 600 cm high.',
            'lengthM.between' => 'Free floor is between 0.5 and 50 m long.',
            'widthM.between' => 'Free floor is between 0.5 and 50 m wide.',
            'anchors.*.heightCm.required' => 'How high is the anchor, in centimetres?',
            'anchors.*.heightCm.between' => 'An anchor is between 0 and 260 cm high.',
        ];
    }

    /** @return array<string, mixed> */
    public function home(): array
    {
        $anchors = [];
        $said = $this->input('anchors');
        foreach (is_array($said) ? array_values($said) : [] as $i => $anchor) {
            if (is_array($anchor) && is_numeric($anchor['heightCm'] ?? null) && is_string($anchor['kind'] ?? null)) {
                $anchors[] = ['id' => $anchor['kind'].' '.($i + 1), 'height_cm' => (float) $anchor['heightCm'], 'kind' => $anchor['kind']];
            }
        }

        return [
            'ceiling_cm' => $this->filled('ceilingCm') ? $this->float('ceilingCm') : null,
            'floor' => $this->text('floor'),
            'quiet' => $this->boolean('quiet'),
            'quiet_hours' => $this->text('quietHours'),
            'length_m' => $this->filled('lengthM') ? $this->float('lengthM') : null,
            'width_m' => $this->filled('widthM') ? $this->float('widthM') : null,
            'pets' => $this->boolean('pets'),
            'children' => $this->boolean('children'),
            'has_wall' => $this->boolean('hasWall', true),
            'note' => $this->text('note'),
            'anchors' => $anchors,
        ];
    }
}
