<?php

declare(strict_types=1);

namespace App\Http\Requests\Bench;

use App\Http\Requests\Clients\ClientRequest;
use App\Models\ShelfItem;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Bench\TypedReadings;
use NimbleShelf\Core\Exception\InvalidQuantity;

final class BenchRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'itemId' => ['sometimes', 'required', 'integer'],
            'lengthCm' => ['sometimes', 'required', 'numeric', 'between:1,1000'],
            'readings' => ['sometimes', 'required', 'string', 'max:80'],
            'unit' => ['sometimes', 'required', 'in:N,kg'],
            'plugged' => ['sometimes', 'required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'readings.required' => 'What does the scale show?',
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

    /**
     * What was read off a scale of one's own; null where the one here is to be read.
     *
     * @throws ValidationException If it is no reading.
     */
    public function typed(): ?TypedReadings
    {
        if (! $this->has('readings')) {
            return null;
        }
        try {
            return TypedReadings::of($this->string('readings')->toString(), $this->string('unit', 'kg')->toString());
        } catch (InvalidQuantity $wrong) {
            throw ValidationException::withMessages([$wrong->field() => $wrong->getMessage()]);
        }
    }

    public function lengthM(): float
    {
        return $this->float('lengthCm') / 100;
    }
}
