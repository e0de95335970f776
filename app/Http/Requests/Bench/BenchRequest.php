<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\Clients\ClientRequest;
use App\Models\ShelfItem;

final class BenchRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'itemId' => ['sometimes', 'required', 'integer'],
            'lengthCm' => ['sometimes', 'required', 'numeric', 'between:1,1000'],
            'plugged' => ['sometimes', 'required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lengthCm.required' => 'How long is it now, in centimetres?',
            'lengthCm.numeric' => 'The length is a number of centimetres.',
            'lengthCm.between' => 'The length is between 1 and 1000 cm.',
        ];
    }

    /** Something of this client's own that can hang on a hook. */
    public function item(): ShelfItem
    {
        $item = $this->client()->shelfItems()->find($this->integer('itemId')) ?? abort(404);

        return $item->toThing()->isBand() || in_array($item->kind, ['object', 'dumbbell', 'kettlebell', 'rucksack'], true)
            ? $item
            : abort(404);
    }

    public function lengthM(): float
    {
        return $this->float('lengthCm') / 100;
    }
}
