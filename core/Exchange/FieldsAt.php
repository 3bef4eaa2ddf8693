<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/**
 * Fields of one place of a plan document, by name. A place is told by names of fields and, in lists, by the ids of what stands there:
 * ["areas", "coat", "steps", "wash"]; the plan itself is [].
 */
final readonly class FieldsAt
{
    /** Areas, variants, steps: nothing lies deeper. */
    private const DEEPEST = 8;

    private const MOST_FIELDS = 40;

    private const LONGEST_NAME = 60;

    /**
     * @param list<string> $place
     * @param array<string, mixed> $fields as in the document
     */
    private function __construct(public array $place, public array $fields) {}

    /**
     * @param array<mixed> $told `at`, the place, and `fields`
     *
     * @throws Faulty
     */
    public static function read(array $told): self
    {
        $in = DocumentReader::of($told);
        $place = $in->texts('at', self::DEEPEST, self::LONGEST_NAME);
        $fields = $told['fields'] ?? null;
        if (! is_array($fields) || count($fields) > self::MOST_FIELDS || array_filter(array_keys($fields), is_int(...)) !== []) {
            $in->fault('fields', sprintf('Fields are named, each with its value, and at most %d.', self::MOST_FIELDS));
        } elseif (array_key_exists('id', $fields)) {
            $in->fault('fields', 'What has an id keeps it: others speak of it by that.');
        }
        $in->mustBeSound();

        /** @var array<string, mixed> $fields */
        return new self($place, $fields);
    }

    /**
     * The document with these values in the place of those it has. It is read before it is trusted.
     *
     * @throws Faulty when there is no such place
     */
    public function laidOn(PlanDocument $document): PlanDocument
    {
        return PlanDocument::of(self::with($document->fields, $this->place, $this->fields));
    }

    /** Whether the document has these values; one that is not there is null. */
    public function areIn(PlanDocument $document): bool
    {
        return self::canonical($this->nowIn($document)?->fields) === self::canonical($this->fields);
    }

    /** The same fields as the document has them; null when the place is gone. */
    public function nowIn(PlanDocument $document): ?self
    {
        $here = $document->fields;
        foreach ($this->place as $name) {
            $here = $here[self::key($here, $name)] ?? null;
            if (! is_array($here)) {
                return null;
            }
        }

        return new self(
            $this->place,
            array_combine(array_keys($this->fields), array_map(static fn(string $name): mixed => $here[$name] ?? null, array_keys($this->fields))),
        );
    }

    /**
     * @param array<mixed> $here
     * @param list<string> $place
     * @param array<string, mixed> $fields
     *
     * @return array<mixed>
     */
    private static function with(array $here, array $place, array $fields): array
    {
        if ($place === []) {
            // Who says how large it is says so instead of what was measured.
            $said = isset($here['cm2'], $fields['size']) && ! array_key_exists('cm2', $fields) ? ['cm2' => null] : [];

            return [...$here, ...$fields, ...$said];
        }
        $key = self::key($here, $place[0]);
        if (! is_array($here[$key] ?? null)) {
            throw Faulty::field('at', 'What this is about is not in the plan any more.');
        }
        $here[$key] = self::with($here[$key], array_slice($place, 1), $fields);

        return $here;
    }

    /** @param array<mixed> $here */
    private static function key(array $here, string $name): int|string
    {
        if (! array_is_list($here)) {
            return $name;
        }
        $found = array_search($name, array_map(static fn(mixed $one): mixed => is_array($one) ? $one['id'] ?? null : null, $here), true);

        return is_int($found) ? $found : -1;
    }

    /** Two ways to write the same value become one: order of names, 1 and 1.0. */
    private static function canonical(mixed $value): mixed
    {
        if (is_float($value) && $value === floor($value) && abs($value) < PHP_INT_MAX) {
            return (int) $value;
        }
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value);
        }

        return array_map(self::canonical(...), $value);
    }
}
