<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;

// The clock of the server under test goes on from the moment the test has chosen. Prepended to commands, required by serve.php.
require_once dirname(__DIR__, 3).'/vendor/autoload.php';

$shift = (int) getenv('KALOKROMA_TEST_SHIFT_SECONDS');
if ($shift !== 0) {
    // To ask a closure for every date would make a server that reads many of them five times as slow: it begins anew with each request.
    Carbon::setTestNow(PHP_SAPI === 'cli-server' ? Carbon::now()->addSeconds($shift) : static fn(Carbon $now): Carbon => $now->addSeconds($shift));
}
