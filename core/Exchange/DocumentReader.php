<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use ArrayObject;
use BackedEnum;

/**
 * Reads a nested document field by field. Faults are gathered under dotted paths; a faulty field reads as a harmless default, and whoever
 * reads must ask for the faults before using anything.
 */
final readonly class DocumentReader
{
    /**
     * @param array<mixed> $fields
     * @param ArrayObject<int, Fault> $faults shared by all readers of one document
     */
    private function __construct(
        private array $fields,
        private string $path,
        private ArrayObject $faults,
    ) {}

    /** @param array<mixed> $document */
    public static function of(array $document): self
    {
        return new self($document, '', new ArrayObject);
    }

    public function fault(string $field, string $message): void
    {
        $this->faults[] = new Fault($this->path($field), $message);
    }

    /** @throws Faulty when anything read so far was at fault */
    public function mustBeSound(): void
    {
        $faults = array_values($this->faults->getArrayCopy());
        if ($faults !== []) {
            throw Faulty::with($faults);
        }
    }

    public function isSound(): bool
    {
        return count($this->faults) === 0;
    }

    public function path(string $field): string
    {
        return $this->path === '' ? $field : $this->path.'.'.$field;
    }

    public function text(string $field, int $longest, bool $needed = true): string
    {
        $value = $this->fields[$field] ?? '';
        if (! is_string($value)) {
            $this->fault($field, 'This must be text.');

            return '';
        }
        $complaint = PlainText::complaint($value, $longest, $needed);
        if ($complaint !== null) {
            $this->fault($field, $complaint);
        }

        return $value;
    }

    public function truth(string $field, bool $default): bool
    {
        $value = $this->fields[$field] ?? $default;
        if (! is_bool($value)) {
            $this->fault($field, 'This must be true or false.');
        }

        return $value === true;
    }

    /** It is there, and says null: not the same as saying nothing. */
    public function isNull(string $field): bool
    {
        return array_key_exists($field, $this->fields) && $this->fields[$field] === null;
    }

    public function whole(string $field, int $least, int $most, ?int $default = null): int
    {
        $value = $this->fields[$field] ?? $default;
        if (! is_int($value) || $value < $least || $value > $most) {
            $this->fault($field, sprintf('This must be a whole number from %d to %d.', $least, $most));

            return $least;
        }

        return $value;
    }

    public function number(string $field, float $least, float $most, float $default): float
    {
        $value = $this->fields[$field] ?? $default;
        if ((! is_int($value) && ! is_float($value)) || ! ($value >= $least && $value <= $most)) {
            $this->fault($field, sprintf('This must be a number from %s to %s.', $least, $most));

            return $least;
        }

        return (float) $value;
    }

    /** @return list<float> of just that many numbers; zeros when the field is at fault */
    public function numbers(string $field, int $count): array
    {
        $value = $this->fields[$field] ?? null;
        $numbers = [];
        foreach (is_array($value) ? $value : [] as $one) {
            if (is_int($one) || is_float($one)) {
                $numbers[] = (float) $one;
            }
        }
        if (! is_array($value) || count($value) !== $count || count($numbers) !== $count) {
            $this->fault($field, sprintf('This must be a list of %d numbers.', $count));

            return array_fill(0, $count, 0.0);
        }

        return $numbers;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T the first case when the field is at fault
     */
    public function choice(string $field, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        $value = $this->fields[$field] ?? $default->value ?? '';
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $this->fault($field, PlainText::unknownChoice(is_scalar($value) ? (string) $value : gettype($value), $enum));
        }

        return $case ?? $enum::cases()[0];
    }

    public function has(string $field): bool
    {
        return isset($this->fields[$field]);
    }

    public function under(string $field): self
    {
        $value = $this->fields[$field] ?? [];
        if (! is_array($value)) {
            $this->fault($field, 'This must be an object.');
            $value = [];
        }

        return new self($value, $this->path($field), $this->faults);
    }

    /** @return list<self> */
    public function each(string $field, int $most): array
    {
        $readers = [];
        foreach ($this->list($field, $most) as $index => $value) {
            if (! is_array($value)) {
                $this->fault("$field.$index", 'This must be an object.');
                $value = [];
            }
            $readers[] = new self($value, $this->path("$field.$index"), $this->faults);
        }

        return $readers;
    }

    /** @return list<string> */
    public function texts(string $field, int $most, int $longest): array
    {
        $texts = [];
        foreach ($this->list($field, $most) as $index => $value) {
            if (! is_string($value) || mb_strlen($value) > $longest) {
                $this->fault("$field.$index", sprintf('This must be text of at most %d characters.', $longest));

                continue;
            }
            $texts[] = $value;
        }

        return $texts;
    }

    /** @return list<int> whole numbers, each once */
    public function wholes(string $field, int $mostOfThem, int $least, int $most): array
    {
        $numbers = [];
        foreach ($this->list($field, $mostOfThem) as $index => $value) {
            if (! is_int($value) || $value < $least || $value > $most) {
                $this->fault("$field.$index", sprintf('This must be a whole number from %d to %d.', $least, $most));

                continue;
            }
            $numbers[$value] = $value;
        }

        return array_values($numbers);
    }

    /** As it stands, for whoever mends what is odd rather than refusing it. */
    public function raw(string $field): mixed
    {
        return $this->fields[$field] ?? null;
    }

    /** @return array<string, string|null> texts under names, or null where it says so */
    public function textsByName(string $field, int $most, int $longest): array
    {
        $value = $this->fields[$field] ?? [];
        if (! is_array($value) || count($value) > $most) {
            $this->fault($field, sprintf('This must be an object of at most %d fields.', $most));

            return [];
        }
        $texts = [];
        foreach ($value as $name => $text) {
            if ($text === null || (is_string($text) && mb_strlen($text) <= $longest)) {
                $texts[(string) $name] = $text;
            } else {
                $this->fault("$field.$name", sprintf('This must be text of at most %d characters, or null.', $longest));
            }
        }

        return $texts;
    }

    /** @return list<mixed> */
    private function list(string $field, int $most): array
    {
        $value = $this->fields[$field] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            $this->fault($field, 'This must be a list.');

            return [];
        }
        if (count($value) > $most) {
            $this->fault($field, sprintf('At most %d fit here, not %d.', $most, count($value)));
        }

        return array_slice($value, 0, $most);
    }
}
