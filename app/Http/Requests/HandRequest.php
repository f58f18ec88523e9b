<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\HandPoint;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\Fault;
use Underbolt\File\CardLine;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Repeat;
use Underbolt\Refusal;

/** @phpstan-import-type KeptHand from HandPoint */
#[OA\Schema(required: ['name', 'point'], properties: [
    new OA\Property(property: 'name', description: 'of who measures', type: 'string'),
    new OA\Property(property: 'point', type: 'string', enum: Point::class),
    new OA\Property(property: 'unit', description: 'meant where a reading names none', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'readings', description: 'as typed; it is kept once all five are there', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'on', description: 'the day they were taken; today where it is left out', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'spread', description: 'as a make\'s file said it, in place of readings', type: 'string', nullable: true),
])]
final class HandRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.CardLine::LONGEST_FOUNDATION, 'regex:/\p{L}/u'],
            'point' => ['required', Rule::enum(Point::class)],
            'unit' => ['required_with:readings', Rule::enum(Unit::class)],
            'readings' => ['required_without:spread', 'array', 'min:1', 'max:'.Repeat::TIMES],
            'readings.*' => ['required', 'string', 'max:60'],
            'on' => ['bail', 'nullable', 'string', 'max:10', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:1900-01-01'],
            'spread' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.regex' => 'Give the name of who measures.'];
    }

    public function point(): Point
    {
        return Point::from($this->string('point')->toString());
    }

    public function isComplete(): bool
    {
        return $this->filled('spread') || count($this->array('readings')) === Repeat::TIMES;
    }

    /**
     * @return KeptHand
     *
     * @throws FaultyFile naming each reading that is no possible figure
     */
    public function kept(CarbonImmutable $today): array
    {
        if ($this->filled('spread')) {
            $kept = ['spread' => $this->string('spread')->toString()];
            self::refuse(['spread' => $kept], $this->point());

            return $kept;
        }
        $readings = array_values(array_filter($this->array('readings'), is_string(...)));
        $unit = $this->string('unit')->toString();
        $on = $this->filled('on') ? $this->string('on')->toString() : $today->toDateString();
        $each = [];
        foreach ($readings as $place => $reading) {
            $each["readings.{$place}"] = ['unit' => $unit, 'readings' => [$reading], 'on' => $on];
        }
        self::refuse($each, $this->point());

        return ['unit' => $unit, 'readings' => $readings, 'on' => $on];
    }

    /**
     * @param  array<string, KeptHand>  $each  by its field
     *
     * @throws FaultyFile
     */
    private static function refuse(array $each, Point $point): void
    {
        $faults = [];
        foreach ($each as $field => $kept) {
            try {
                HandPoint::read($point, $kept);
            } catch (Refusal $refusal) {
                $faults[] = new Fault($field, $refusal->getMessage());
            }
        }
        if ($faults !== []) {
            throw FaultyFile::with($faults);
        }
    }
}
