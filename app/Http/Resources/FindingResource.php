<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Kalokroma\Review\Finding;
use Kalokroma\Review\Mend;
use Kalokroma\Review\Review;

final class FindingResource
{
    /** @return array<string, mixed> */
    public static function of(Finding $finding): array
    {
        return [
            'rule' => $finding->rule,
            'severity' => $finding->severity->value,
            'severityLabel' => $finding->severity->label(),
            'areaId' => $finding->area,
            'stepId' => $finding->step,
            'words' => $finding->words,
            'why' => $finding->why,
            'otherSchool' => $finding->otherSchool,
            'isSilenced' => $finding->isSilenced,
            'isOfTheScheme' => Review::isOfTheScheme($finding),
            'mends' => array_map(static fn(Mend $mend): array => ['label' => $mend->label], $finding->mends),
        ];
    }

    /**
     * What a change would bring up.
     *
     * @param list<Finding> $findings
     *
     * @return list<array{areaId: string|null, words: string}>
     */
    public static function brought(array $findings): array
    {
        return array_map(static fn(Finding $one): array => ['areaId' => $one->area, 'words' => $one->words], $findings);
    }
}
