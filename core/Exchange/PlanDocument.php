<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Recipe\Plan;

/**
 * A plan as it is written down (docs/formats/plan.schema.json). Fields that we do not know, of a newer release or of other
 * software, stay where they are through every change.
 */
final readonly class PlanDocument
{
    /** Bytes of fields unknown to us that one plan may carry. */
    public const MOST_UNKNOWN = 65536;

    /** Names of the fields in which a document speaks of a paint by its id. */
    private const PAINT_FIELDS = ['paint', 'base', 'light', 'below', 'paintId'];

    /** @param array<mixed> $fields */
    private function __construct(public array $fields) {}

    /** @param array<mixed> $fields as decoded from JSON; read or changed before they are trusted */
    public static function of(array $fields): self
    {
        return new self($fields);
    }

    /**
     * @param array<mixed> $fields of a file that says what it is
     *
     * @throws Faulty when it is something else, or written by a release that knows more
     */
    public static function ofFile(array $fields): self
    {
        if (($fields['format'] ?? null) !== PlanWriter::FORMAT) {
            throw Faulty::field('format', sprintf('This is no plan of Kalokroma: one says "format": "%s".', PlanWriter::FORMAT));
        }
        $version = $fields['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw Faulty::field('version', 'A plan file says which version of the form it is written in, a whole number from 1.');
        }
        if ($version > FormVersion::NEWEST) {
            throw Faulty::field(
                'version',
                sprintf(
                    'This plan is written in version %d of the form; here %d is the newest known. Bring it in with a newer release.',
                    $version,
                    FormVersion::NEWEST,
                ),
            );
        }

        return new self(Upgrades::toNewest($fields, $version));
    }

    public static function ofPlan(Plan $plan): self
    {
        return new self(PlanWriter::write($plan));
    }

    /** @return list<string> whatever stands where a paint's id belongs, each once */
    public function paintIds(): array
    {
        $ids = [];
        $fields = $this->fields;
        array_walk_recursive($fields, static function (mixed $value, int|string $key) use (&$ids): void {
            if (is_string($value) && in_array($key, self::PAINT_FIELDS, true)) {
                $ids[$value] = $value;
            }
        });

        return array_values($ids);
    }

    /** @param array<string, string> $ids of paints: theirs to ours */
    public function withPaintsCalled(array $ids): self
    {
        $fields = $this->fields;
        array_walk_recursive($fields, static function (mixed &$value, int|string $key) use ($ids): void {
            if (is_string($value) && in_array($key, self::PAINT_FIELDS, true)) {
                $value = $ids[$value] ?? $value;
            }
        });

        return new self($fields);
    }

    /** @throws Faulty with every fault and its dotted field */
    public function plan(PaintSource $paints, ?CraftBook $book = null): Plan
    {
        return PlanReader::read($this->fields, $paints, $book);
    }

    /**
     * This document saying another plan, with what we do not know still in its place.
     *
     * @throws Faulty when it carries more that we do not know than it may
     */
    public function saying(Plan $plan): self
    {
        $written = PlanWriter::write($plan);
        $kept = self::keep($this->fields, $written);
        $kept['version'] = FormVersion::of($kept);
        if (self::size($kept) - self::size($written) > self::MOST_UNKNOWN) {
            throw Faulty::with([new Fault(
                'document',
                sprintf(
                    'This plan carries more than %d kB of fields that are not known here. Take them out of the file, and bring it in again.',
                    self::MOST_UNKNOWN / 1024,
                ),
            )]);
        }

        return new self($kept);
    }

    /**
     * This document as we would write it ourselves.
     *
     * @throws Faulty when it is no sound plan, or carries more that we do not know than it may
     */
    public function tidied(PaintSource $paints): self
    {
        return $this->saying($this->plan($paints));
    }

    /**
     * @param array<mixed> $before
     * @param array<mixed> $written
     *
     * @return array<mixed> what is written, and behind it what was there besides
     */
    private static function keep(array $before, array $written): array
    {
        if (array_is_list($written)) {
            $known = [];
            foreach ($before as $one) {
                if (is_array($one) && self::nameOf($one) !== null) {
                    $known[self::nameOf($one)] = $one;
                }
            }

            return array_map(
                static fn(mixed $one): mixed => is_array($one) ? self::keep($known[self::nameOf($one) ?? ''] ?? [], $one) : $one,
                $written,
            );
        }
        foreach ($before as $field => $value) {
            if (! array_key_exists($field, $written)) {
                // What is known and left out is gone; what is not known stays.
                $written += in_array($field, PlanWriter::LEFT_OUT_WHEN_EMPTY, true) ? [] : [$field => $value];
            } elseif (is_array($value) && is_array($written[$field])) {
                $written[$field] = self::keep($value, $written[$field]);
            }
        }

        return $written;
    }

    /**
     * What tells one entry of a list from the others: its id, or the paint, step or finding it speaks of.
     *
     * @param array<mixed> $entry
     */
    private static function nameOf(array $entry): ?string
    {
        $name = $entry['id']
            ?? $entry['paint']
            ?? $entry['after']
            ?? (isset($entry['rule']) ? json_encode([$entry['rule'], $entry['area'] ?? null, $entry['step'] ?? null]) : null);

        return is_string($name) ? $name : null;
    }

    /** @param array<mixed> $fields */
    private static function size(array $fields): int
    {
        return strlen(json_encode($fields, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
    }
}
