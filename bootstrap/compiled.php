<?php

declare(strict_types=1);

// A command takes longer to read the framework than to answer. What was compiled stays, as it does with the server; PHP takes that setting only
// where it begins, so a command begins again with it. Whoever gave PHP settings of their own keeps to those.
(static function (array $words): void {
    $kept = dirname(__DIR__).'/.cache/opcache';
    $begun = explode("\0", (string) @file_get_contents('/proc/self/cmdline'));
    if (
        PHP_SAPI === 'cli'
        && ($begun[1] ?? '') === $words[0]
        && extension_loaded('Zend OPcache')
        && ini_get('opcache.enable_cli') === '0'
        && function_exists('pcntl_exec')
        && (is_dir($kept) || @mkdir($kept, 0o700, true))
        && is_writable($kept)
    ) {
        @pcntl_exec(PHP_BINARY, ['-dopcache.enable_cli=1', "-dopcache.file_cache=$kept", '-dopcache.file_cache_only=1', ...$words]);
    }
})($argv);
