<?php

declare(strict_types=1);

// Router of PHP's own web server: files of the build go out as they are, everything else is the application.
$path = parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH);
if (is_string($path) && (str_starts_with($path, '/build/') || in_array($path, ['/theme.js', '/sw.js', '/icon.svg', '/app.webmanifest'], true)) && is_file(__DIR__.$path) && ! str_contains($path, '..')) {
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'json' => 'application/json', 'webmanifest' => 'application/manifest+json', 'txt' => 'text/plain; charset=utf-8'];
    header('X-Content-Type-Options: nosniff');
    header('Content-Type: '.($types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    // What the build made has its fingerprint in its name; the rest may be another tomorrow.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header('Vary: Accept-Encoding');
    // The build has put small ones beside what it made.
    foreach (['br', 'gzip' => 'gz'] as $coding => $suffix) {
        $coding = is_string($coding) ? $coding : $suffix;
        if (preg_match("/\\b$coding\\b(?!\\s*;\\s*q=0(\\.0*)?\\s*(,|$))/", (string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '')) === 1 && is_file(__DIR__."$path.$suffix")) {
            header("Content-Encoding: $coding");
            readfile(__DIR__."$path.$suffix");

            return true;
        }
    }
    readfile(__DIR__.$path);

    return true;
}

require __DIR__.'/index.php';
