<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use BackedEnum;
use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;

/**
 * Reads one row of a table cell by cell and remembers every fault instead of stopping at the first.
 */
final class RowReader
{
    /** @var list<Fault> */
    public array $faults = [];

    /** @param array<string, string> $cells */
    public function __construct(
        private readonly array $cells,
        private readonly int $row,
    ) {}

    public function fault(string $column, string $message): void
    {
        $this->faults[] = new Fault($column, $message, $this->row);
    }

    public function text(string $column, int $longest, bool $needed = true): string
    {
        $text = $this->cells[$column];
        $complaint = PlainText::complaint($text, $longest, $needed);
        if ($complaint !== null) {
            $this->fault($column, $complaint);
        }

        return $text;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function choice(string $column, string $enum): ?BackedEnum
    {
        $case = $enum::tryFrom($this->cells[$column]);
        if ($case === null) {
            $this->fault($column, PlainText::unknownChoice($this->cells[$column], $enum));
        }

        return $case;
    }

    /** As a screen shows it, or as it was measured; nothing when the cell is empty or holds no colour. */
    public function colour(string $column): Srgb|Lab|null
    {
        $text = $this->cells[$column];
        if ($text === '') {
            return null;
        }
        try {
            return stripos($text, 'lab') === 0 ? Lab::parse($text) : Srgb::parse($text);
        } catch (IllegalColour $illegal) {
            $this->fault($column, $illegal->getMessage());

            return null;
        }
    }

    public function number(string $column, float $least, float $most): ?float
    {
        $text = $this->cells[$column];
        if ($text === '') {
            return null;
        }
        if (preg_match('/^-?\d{1,9}(\.\d{1,17})?$/D', $text) !== 1 || (float) $text < $least || (float) $text > $most) {
            $this->fault(
                $column,
                sprintf('Write a number from %s to %s, with a point for decimals. "%s" is none.', $least, $most, mb_strimwidth($text, 0, 30, '…')),
            );

            return null;
        }

        return (float) $text;
    }

    public function whole(string $column, int $least, int $most): ?int
    {
        $text = $this->cells[$column];
        if ($text === '') {
            return null;
        }
        if (preg_match('/^-?\d{1,9}$/D', $text) !== 1 || (int) $text < $least || (int) $text > $most) {
            $this->fault($column, sprintf('Write a whole number from %d to %d. "%s" is none.', $least, $most, mb_strimwidth($text, 0, 30, '…')));

            return null;
        }

        return (int) $text;
    }
}
