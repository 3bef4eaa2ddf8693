<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// Looked at before anything reads the body: more than any picture or catalogue takes would only fill the memory, and a path is text.
$refusal = match (true) {
    (int) ($_SERVER['CONTENT_LENGTH'] ?? 0) > 21 * 1024 * 1024 => [413, 'Too large', 'This is larger than 20 MB. Make it smaller, or bring it in in parts.'],
    ! mb_check_encoding(rawurldecode((string) ($_SERVER['REQUEST_URI'] ?? '')), 'UTF-8') => [400, 'Not readable', 'The address is not UTF-8 text.'],
    default => null,
};
if ($refusal !== null) {
    http_response_code($refusal[0]);
    header('Content-Type: application/problem+json');
    header('X-Content-Type-Options: nosniff');
    exit(json_encode(['type' => 'about:blank', 'title' => $refusal[1], 'status' => $refusal[0], 'detail' => $refusal[2]]));
}

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
