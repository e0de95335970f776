<?php

declare(strict_types=1);

namespace App\Http\Requests\Programme;

use Illuminate\Foundation\Http\FormRequest;
use NimbleShelf\Core\Editing\Edit;

/** One change of a week by hand; what the change itself needs, the core says. */
final class EditProgrammeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1'],
            'onwards' => ['sometimes', 'boolean'],
            'time' => ['sometimes', 'nullable', 'date_format:H:i'],
            'edit' => ['required', 'array', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['time.date_format' => 'Give the time as 08:30.'];
    }

    public function edit(): Edit
    {
        return Edit::fromArray((array) $this->validated('edit'));
    }

    public function time(): ?string
    {
        return $this->filled('time') ? $this->string('time')->toString() : null;
    }
}
