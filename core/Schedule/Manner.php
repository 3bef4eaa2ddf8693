<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

/** What a painter cares for when work is laid into sessions. */
enum Manner
{
    /** To be through as soon as can be, to the second. */
    case Soonest;

    /** Each coat on all models in one go, wherever some session is long enough for it. */
    case WholeCoats;

    /**
     * To be through in the same session as soon as can be, and within that calmly: no pot is opened at the end of an evening for one model
     * of ten.
     */
    case Calm;
}
