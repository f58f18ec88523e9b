<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Uploads\UnreadableUpload;
use Closure;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;
use Illuminate\Translation\Translator;
use Illuminate\Validation\Factory;
use Illuminate\Validation\Rule;
use ReflectionClass;
use stdClass;
use Underbolt\File\Typed\Node;
use Underbolt\File\Typed\TypedLimits;
use Underbolt\Measure\Unit;

/** Holds what a record says against what such a record keeps, by the limits that hold for what is typed. */
final class Kept
{
    /** Of a document that is no form's, such as the keys of its own that a make's file brought. */
    private const LARGEST_DOCUMENT = 200_000;

    private readonly Factory $rules;

    public function __construct()
    {
        // A reader is a process without the application: the framework's own sentences are where its translator is.
        $lang = dirname((string) (new ReflectionClass(Translator::class))->getFileName()).'/lang';
        $this->rules = new Factory(new Translator(new FileLoader(new Filesystem, $lang), 'en'));
    }

    /**
     * @param  list<string>  $kept
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, mixed> what such a record keeps, nothing as an empty text where a text is kept
     *
     * @throws UnreadableUpload saying where it is at fault
     */
    public function of(mixed $record, array $kept, string $where, array $rules): array
    {
        if (! $record instanceof stdClass) {
            throw new UnreadableUpload("{$where} can't be read.");
        }
        $typed = get_object_vars($record);
        $validator = $this->rules->make($typed, $rules, ['before_or_equal' => 'it is of a day to come.', 'after' => 'it is of a day long past.']);
        if ($validator->fails()) {
            throw new UnreadableUpload("{$where}: ".$validator->errors()->first());
        }
        $held = [];
        foreach (array_intersect($kept, array_keys($typed)) as $key) {
            $held[$key] = $typed[$key] ?? (in_array('string', $rules[$key] ?? [], true) ? '' : null);
        }

        return $held;
    }

    /** @return list<mixed> */
    public static function name(): array
    {
        return ['required', ...self::text(Node::LONGEST_TEXT)];
    }

    /** @return list<mixed> */
    public static function words(int $most): array
    {
        return ['present', 'nullable', ...self::text($most)];
    }

    /** @return list<mixed> */
    public static function unit(): array
    {
        return ['required', Rule::enum(Unit::class)];
    }

    /** @return list<mixed> a day, as a card has it */
    public static function day(): array
    {
        return ['bail', 'date_format:Y-m-d', 'before_or_equal:today', 'after:1900-01-01'];
    }

    /** @return list<mixed> a moment that may be left out */
    public static function moment(): array
    {
        return ['bail', 'nullable', 'date', 'before_or_equal:tomorrow', 'after:1900-01-01'];
    }

    /** @return list<mixed> of a part that is an object, as a form types it */
    public static function typed(): array
    {
        return ['present', static function (string $attribute, mixed $value, Closure $fail): void {
            match (true) {
                ! $value instanceof stdClass => $fail("the {$attribute} is no object."),
                ! TypedLimits::hold($value) => $fail("the {$attribute} ".TypedLimits::TOO_MUCH.'.'),
                default => null,
            };
        }];
    }

    /** @return list<mixed> of a part that is an object, and no form's */
    public static function document(): array
    {
        return ['present', static function (string $attribute, mixed $value, Closure $fail): void {
            match (true) {
                ! $value instanceof stdClass => $fail("the {$attribute} is no object."),
                strlen((string) json_encode($value)) > self::LARGEST_DOCUMENT => $fail("the {$attribute} is far larger than any."),
                default => null,
            };
        }];
    }

    /** @return list<mixed> */
    private static function text(int $most): array
    {
        return ['string', "max:{$most}", static function (string $attribute, mixed $value, Closure $fail): void {
            // A text of several lines is one; all else below a blank is no writing.
            if (is_string($value) && preg_match('/[^\P{Cc}\t\r\n]/u', $value) !== 0) {
                $fail("the {$attribute} has signs in it that are no letters.");
            }
        }];
    }
}
