<?php

declare(strict_types=1);

// The desk that is served: which database, at what time. One server serves the desks of many tests, one after the other.
foreach (json_decode((string) file_get_contents((string) getenv('KALOKROMA_TEST_DESK')), true, 4, JSON_THROW_ON_ERROR) as $name => $value) {
    putenv("$name=$value");
}

// Router of the server under test: the product's own, by the clock that the test has chosen (PHP prepends nothing to a router).
require_once __DIR__.'/shifted-clock.php';

return require dirname(__DIR__, 3).'/public/serve.php';
