<?php

declare(strict_types=1);

// Router of the server under test: the product's own, by the clock that the test has chosen (PHP prepends nothing to a router).
require_once __DIR__.'/shifted-clock.php';

return require dirname(__DIR__, 3).'/public/serve.php';
