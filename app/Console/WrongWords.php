<?php

declare(strict_types=1);

namespace App\Console;

use InvalidArgumentException;

/** A command was given words it does not know: another option, another number, a file that is not there. */
final class WrongWords extends InvalidArgumentException {}
