<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use Illuminate\Validation\Rules\Unique;
use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Kit\Furniture;
use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Shelf\LineParser;

/** A thing for the shelf; every measure carries its unit in its name, and each kind asks for what it needs. */
final class StoreShelfItemRequest extends FormRequest
{
    private const WITH_MASS = 'dumbbell,kettlebell,object,vest,ankle-weight';

    /** Fields that are numbers, and the measures they are kept as. */
    private const NUMBERS = [
        'massKg' => 'mass_kg',
        'maxKg' => 'max_kg',
        'restLengthCm' => 'rest_length_cm',
        'heightCm' => 'height_cm',
        'handleKg' => 'handle_kg',
        'handleCm' => 'handle_cm',
        'diameterMm' => 'diameter_mm',
        'wallMm' => 'wall_mm',
        'containerKg' => 'container_kg',
    ];

    private const PLATES = 'regex:/^\s*\d+\s*x\s*\d+([.,]\d+)?(\s*kg)?(\s*\+\s*\d+\s*x\s*\d+([.,]\d+)?(\s*kg)?)*\s*$/i';

    public function authorize(): bool
    {
        $client = $this->route('client');
        $item = $this->route('shelf_item');

        return $client instanceof Client
            && ($this->user()?->can('update', $client) ?? false)
            && (! $item instanceof ShelfItem || $this->user()->can('update', $item));
    }

    protected function failedAuthorization(): never
    {
        abort(404);
    }

    /** @return array<string, list<string|In|Unique|Enum>> */
    public function rules(): array
    {
        $client = $this->route('client');
        $item = $this->route('shelf_item');

        return [
            'kind' => ['required', Rule::in(Thing::KINDS)],
            'name' => ['required', 'string', 'max:60', Rule::unique('shelf_items')
                ->where('client_id', $client instanceof Client ? $client->id : 0)
                ->whereNull('deleted_at')
                ->ignore($item instanceof ShelfItem ? $item->id : null)],
            'count' => ['required', 'integer', 'between:1,20'],
            'massKg' => ['nullable', 'required_if:kind,'.self::WITH_MASS, 'numeric', 'between:0.1,120'],
            'maxKg' => ['nullable', 'required_if:kind,rucksack', 'numeric', 'between:1,60'],
            'restLengthCm' => ['nullable', 'required_if:kind,'.implode(',', Thing::BANDS), 'numeric', 'between:10,400'],
            'handleCm' => ['nullable', 'numeric', 'between:'.implode(',', Thing::HANDLE_CM)],
            'forceAtDoubleN' => [
                'nullable',
                $this->filled('line') || $item instanceof ShelfItem ? 'sometimes' : 'required_if:kind,'.implode(',', Thing::BANDS),
                'numeric',
                'between:5,1500',
            ],
            'heightCm' => ['nullable', 'numeric', 'between:5,130'],
            'grip' => [
                'nullable',
                $item instanceof ShelfItem || isset($this->measuresOfLine()['grip']) ? 'sometimes' : 'required_if:kind,object',
                'in:handle,horn,body,bag,none',
            ],
            'line' => ['nullable', 'string', 'max:200'],
            'handleKg' => [
                'nullable',
                match (true) {
                    $item instanceof ShelfItem || $this->dial() !== null => 'sometimes',
                    default => 'required_if:kind,adjustable-dumbbell,barbell',
                },
                'numeric',
                'between:0.2,30',
            ],
            'plates' => [
                'nullable',
                $item instanceof ShelfItem ? 'sometimes' : 'required_if:kind,adjustable-dumbbell',
                'string',
                'max:120',
                ...$this->dial() !== null ? [] : [self::PLATES],
            ],
            'diameterMm' => ['nullable', 'required_if:kind,pole', 'numeric', 'between:10,120'],
            'wallMm' => ['nullable', 'numeric', 'between:0.5,60'],
            'material' => ['nullable', Rule::enum(PoleMaterial::class)],
            'contents' => [
                'nullable',
                $item instanceof ShelfItem ? 'sometimes' : 'required_if:kind,pourable',
                Rule::enum(Contents::class),
            ],
            'litres' => ['nullable', 'required_if:kind,pourable', 'numeric', 'between:0.1,100'],
            'containerKg' => ['nullable', 'numeric', 'between:0,20'],
            'sealed' => ['nullable', 'boolean'],
            'glass' => ['nullable', 'boolean'],
            'castors' => ['nullable', 'boolean'],
            'folding' => ['nullable', 'boolean'],
            'certainty' => ['nullable', 'in:weighed,labelled,filled,guessed'],
            'outOfService' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.required' => 'What is it? Until that is known it serves nothing.',
            'kind.in' => 'What is it? Until that is known it serves nothing.',
            'grip.required_if' => 'How is it held? Where nobody knows, it is by nothing secure.',
            'name.required' => 'Give it a name, so that the settings can say which one.',
            'name.unique' => 'There is already a thing of that name on this shelf.',
            'massKg.required_if' => 'What does one piece weigh, in kilograms?',
            'massKg.between' => 'One piece weighs between 0.1 and 120 kg.',
            'maxKg.required_if' => 'How many kilograms does it hold?',
            'restLengthCm.required_if' => 'How long is it at rest, in centimetres?',
            'restLengthCm.between' => 'A band is between 10 and 400 cm long at rest.',
            'handleCm.between' => 'A handle with its strap is at most 50 cm long.',
            'forceAtDoubleN.required_if' => 'How hard does it pull at twice its length, in newtons? 10 N is about 1 kg.',
            'heightCm.between' => 'A support is between 5 and 130 cm high.',
            'handleKg.required_if' => 'What does the bare handle or bar weigh, in kilograms?',
            'plates.required_if' => 'Which plates are there, as in 4 x 1.25 + 4 x 2.5? With a dial: 2-24 kg in steps of 2.',
            'plates.regex' => 'Write the plates as 4 x 1.25 + 4 x 2.5, or a dial as 2-24 kg in steps of 2.',
            'outOfService.max' => 'Say it in 120 letters.',
            'diameterMm.required_if' => 'How thick is it, in millimetres?',
            'diameterMm.between' => 'A pole is between 10 and 120 mm thick.',
            'contents.required_if' => 'What does it hold?',
            'litres.required_if' => 'How many litres does it hold?',
            'count.between' => 'Between 1 and 20 pieces.',
        ];
    }

    /**
     * @return array<string, float>|null What a dial can be set to, where the field of the plates says so.
     */
    private function dial(): ?array
    {
        $dial = LineParser::parse('adjustable dumbbell '.$this->string('plates')->toString())->measures['dial'] ?? null;

        return is_array($dial) ? array_filter($dial, is_float(...)) : null;
    }

    protected function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $refused = LineParser::parse($this->string('line')->toString())->refused;
            if ($refused !== null) {
                $validator->errors()->add('line', $refused);
            }
        });
    }

    /** @return array<string, mixed> What a typed line says of the thing, where it says the same kind. */
    private function measuresOfLine(): array
    {
        $parsed = LineParser::parse($this->string('line')->toString());

        return $parsed->kind === $this->string('kind')->toString() ? $parsed->measures : [];
    }

    /** @return array{kind: string, name: string, count: int, measures: array<string, mixed>, out_of_service: string|null} */
    public function shelfItem(): array
    {
        $item = $this->route('shelf_item');
        // What this form does not ask stays as it was, or as the line said.
        $measures = $item instanceof ShelfItem ? $item->measures : $this->measuresOfLine();
        foreach (self::NUMBERS as $field => $measure) {
            if ($this->filled($field)) {
                $measures[$measure] = $this->float($field);
            }
        }
        // A height that nobody measured is the usual one, and says so; one that is given is believed.
        if ($this->filled('heightCm')) {
            unset($measures['height_source']);
        } elseif (! isset($measures['height_cm']) && Furniture::usualHeightCm($this->string('kind')->toString()) !== null) {
            $measures['height_cm'] = Furniture::usualHeightCm($this->string('kind')->toString());
            $measures['height_source'] = 'usual';
        }
        foreach (['grip', 'material', 'certainty'] as $word) {
            if ($this->filled($word)) {
                $measures[$word] = $this->string($word)->toString();
            }
        }
        foreach (['sealed', 'glass', 'castors', 'folding'] as $flag) {
            if ($this->has($flag)) {
                $measures[$flag] = $this->boolean($flag);
            }
        }
        if ($this->dial() !== null) {
            $measures['dial'] = $this->dial();
        } elseif ($this->filled('plates')) {
            $measures['plates'] = LineParser::parse('adjustable '.$this->string('plates')->toString())->measures['plates'] ?? [];
        }
        if ($this->filled('contents')) {
            $measures['density_kg_per_l'] = Contents::from($this->string('contents')->toString())->kgPerL();
            $measures['max_l'] = $this->float('litres');
        }
        if ($this->filled('forceAtDoubleN')) {
            $band = Band::throughOnePoint(
                restLengthM: $this->float('restLengthCm') / 100,
                lengthM: 2 * $this->float('restLengthCm') / 100,
                forceN: $this->float('forceAtDoubleN'),
            );
            $measures = ['a_n' => $band->aN, 'b_n' => $band->bN, 'source' => 'rated'] + $measures;
        }
        if ($this->string('kind')->toString() === 'rucksack' && $this->filled('massKg')) {
            $measures['tare_kg'] = $this->float('massKg');
        }

        return [
            'kind' => $this->string('kind')->toString(),
            'name' => $this->string('name')->trim()->toString(),
            'count' => $this->integer('count'),
            'measures' => $measures,
            'out_of_service' => $this->filled('outOfService') ? $this->string('outOfService')->toString() : null,
        ];
    }
}
