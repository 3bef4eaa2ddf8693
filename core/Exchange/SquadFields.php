<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Planning\Member;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Plan;

/** The models of a batch as they are written down (docs/formats/batch.schema.json): who each is, and where it is painted otherwise. */
final class SquadFields
{
    /**
     * What is kept, however odd, as models from 1 on.
     *
     * @param array<mixed> $fields one entry a model, in their order; of those beyond nothing is said
     *
     * @return list<Member>
     */
    public static function members(array $fields, int $models): array
    {
        $members = [];
        for ($number = 1; $number <= $models; $number++) {
            $of = is_array($fields[$number - 1] ?? null) ? $fields[$number - 1] : [];
            $members[] = new Member(
                $number,
                is_string($of['name'] ?? null) ? $of['name'] : '',
                is_string($of['role'] ?? null) ? $of['role'] : null,
                self::ways(is_array($of['ways'] ?? null) ? $of['ways'] : []),
                array_values(array_filter(is_array($of['without'] ?? null) ? $of['without'] : [], is_string(...))),
            );
        }

        return $members;
    }

    /**
     * @param array<mixed> $fields
     *
     * @return array<string, string|null>
     */
    private static function ways(array $fields): array
    {
        $ways = [];
        foreach ($fields as $area => $variant) {
            if ($variant === null || is_string($variant)) {
                $ways[(string) $area] = $variant;
            }
        }

        return $ways;
    }

    /**
     * As they are told, each field looked at.
     *
     * @return list<Member>
     */
    public static function read(DocumentReader $in, string $field, int $most): array
    {
        $members = [];
        foreach ($in->each($field, $most) as $at => $one) {
            $members[] = new Member(
                $at + 1,
                $one->has('name') ? $one->text('name', Member::LONGEST_NAME, false) : '',
                $one->has('role') ? $one->text('role', StepReader::LONGEST_ID) : null,
                $one->textsByName('ways', Plan::MOST_AREAS, StepReader::LONGEST_ID),
                $one->texts('without', Plan::MOST_AREAS, StepReader::LONGEST_ID),
            );
        }

        return $members;
    }

    /** @return list<array<string, mixed>>|null one entry a model; null when nothing is said of any */
    public static function write(Squad $squad): ?array
    {
        return $squad->isPlain() ? null : array_values(array_map(static fn(Member $one): array => [
            'name' => $one->name,
            'role' => $one->role,
            'ways' => $one->ways,
            'without' => $one->without,
        ], $squad->members));
    }
}
