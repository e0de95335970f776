<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Foundation\Http\FormRequest;

/** Which shelf a copy goes to; another trainer's client does not exist. */
final class CopyShelfItemRequest extends FormRequest
{
    public function authorize(): bool
    {
        $item = $this->route('shelf_item');

        return $item instanceof ShelfItem
            && ($this->user()?->can('update', $item) ?? false)
            && $this->user()->can('update', $this->target());
    }

    protected function failedAuthorization(): never
    {
        abort(404);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['toClientId' => ['required', 'integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['toClientId.required' => 'Whose shelf does it go to?', 'toClientId.integer' => 'Whose shelf does it go to?'];
    }

    public function target(): Client
    {
        return Client::query()->find($this->integer('toClientId')) ?? abort(404);
    }
}
