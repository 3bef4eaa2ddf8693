<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** Which paints can do another's job at all, before anyone asks about colour. */
final class Compatibility
{
    /** Kind wanted => kinds that behave alike on the brush. What is not listed is replaced by its own kind only. */
    private const ALIKE = [
        'opaque' => [Kind::Opaque, Kind::SemiOpaque],
        'semi-opaque' => [Kind::SemiOpaque, Kind::Opaque],
        'one-coat' => [Kind::OneCoat, Kind::Ink],
        'wash' => [Kind::Wash, Kind::Ink],
        'ink' => [Kind::Ink, Kind::OneCoat, Kind::Wash],
    ];

    /** Kinds bought for what they do, where matt does not stand in for gloss. */
    private const BY_FINISH = [Kind::Primer, Kind::Varnish];

    public static function mayReplace(Paint $wanted, Paint $offered): bool
    {
        return in_array($offered->kind, self::kindsFor($wanted->kind), true)
            && (! in_array($wanted->kind, self::BY_FINISH, true) || $wanted->finish === $offered->finish)
            // A thinner makes paint run, a medium keeps it together: neither does the other's job.
            && ClearStandIn::isThinner($wanted) === ClearStandIn::isThinner($offered);
    }

    /** @return list<Kind> */
    public static function kindsFor(Kind $wanted): array
    {
        return self::ALIKE[$wanted->value] ?? [$wanted];
    }
}
