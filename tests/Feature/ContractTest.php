<?php

declare(strict_types=1);

use App\Contract\DataSchema;
use App\Contract\Operations;
use App\Http\Requests\MakePartRequest;
use App\Models\Make;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;

/** Made of everything that an answer may be. */
final readonly class SampleAnswerData
{
    /**
     * @param  value-of<Level>  $level
     * @param  ?value-of<Unit>  $unit  where one is typed
     * @param  'front'|'back'|null  $piece
     * @param  list<?int>  $figures  in nanometres,
     *                               null where none is printed
     * @param  array<string, list<float>>  $curves
     * @param  list<SampleAnswerData>  $others
     */
    public function __construct(
        public string $level,
        public ?string $unit,
        public ?string $piece,
        public array $figures,
        public array $curves,
        public array $others,
        public ?SampleAnswerData $before,
        public bool $agreed,
        public string $day,
        private int $secret = 0,
    ) {
    }

    public function secret(): int
    {
        return $this->secret;
    }
}

test('the contract of an answer is read off its class: kinds, words, what may be missing', function (): void {
    $self = ['$ref' => '#/components/schemas/SampleAnswerData'];
    $told = ['day' => ['type' => 'string', 'format' => 'date']];
    expect((new DataSchema)->of(SampleAnswerData::class, $told))->toBe([
        'level' => ['type' => 'string', 'enum' => ['bust', 'waist', 'hip']],
        'unit' => ['description' => 'where one is typed', 'type' => ['string', 'null'], 'enum' => ['cm', 'in', null]],
        'piece' => ['type' => ['string', 'null'], 'enum' => ['front', 'back', null]],
        'figures' => ['description' => 'in nanometres, null where none is printed', 'type' => 'array', 'items' => ['type' => ['integer', 'null']]],
        'curves' => ['type' => 'object', 'additionalProperties' => ['type' => 'array', 'items' => ['type' => 'number']]],
        'others' => ['type' => 'array', 'items' => $self],
        'before' => ['oneOf' => [$self, ['type' => 'null']]],
        'agreed' => ['type' => 'boolean'],
        'day' => ['type' => 'string', 'format' => 'date'],
    ])->and((new DataSchema)->words(SampleAnswerData::class))->toBe('made of everything that an answer may be');
});

test('a kind that no contract has is told with its class', function (): void {
    $odd = new class(static fn (): int => 1)
    {
        public function __construct(public Closure|int $way)
        {
        }
    };
    expect(static fn (): array => (new DataSchema)->of($odd::class, []))->toThrow(LogicException::class, 'no choice of words');
});

test('an operation says by its method what its address holds, what it is sent and how it may be refused', function (): void {
    $controller = new class
    {
        public function change(MakePartRequest $request, Make $make, string $key): void
        {
        }
    };
    $key = ['name' => 'key', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'string', 'enum' => ['a']]];
    $whole = Operations::whole(
        ['operationId' => 'change', 'parameters' => [$key], 'responses' => ['200' => ['description' => 'kept']]],
        '/api/makes/{make}/{key}',
        new ReflectionMethod($controller, 'change'),
        ['MakePartRequest'],
    );
    expect($whole['parameters'])->toBe([['name' => 'make', 'in' => 'path', 'required' => true, 'schema' => ['type' => 'integer']], $key])
        ->and($whole['requestBody']['content']['application/json']['schema'])->toBe(['$ref' => '#/components/schemas/MakePartRequest'])
        ->and(array_map(strval(...), array_keys($whole['responses'])))->toBe(['200', '404', '422']);
});
