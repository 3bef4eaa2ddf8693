<?php

declare(strict_types=1);

namespace App\Support;

use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Tells this engine from any other: what is kept of an answer is only as good as the code it came from. Written down when the application
 * is made ready (bin/prepare); without that, worked out from the code as it stands.
 */
final class EngineMark
{
    private const KEPT = 'bootstrap/cache/engine-mark';

    private const CODE = ['core', 'app', 'bootstrap/app.php', 'vendor/composer/installed.php'];

    private static ?string $mark = null;

    public static function now(): string
    {
        return self::$mark ??= self::kept() ?? self::of(base_path());
    }

    /** @param string $root of the application */
    public static function of(string $root): string
    {
        $marks = [];
        foreach (self::CODE as $place) {
            $path = "$root/$place";
            $files = is_dir($path)
                ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path, RecursiveDirectoryIterator::SKIP_DOTS))
                : [new SplFileInfo($path)];
            foreach ($files as $file) {
                if ($file instanceof SplFileInfo && $file->isFile()) {
                    $marks[substr($file->getPathname(), strlen($root))] = hash_file('xxh128', $file->getPathname());
                }
            }
        }
        ksort($marks);

        return hash('xxh128', serialize($marks));
    }

    private static function kept(): ?string
    {
        $kept = app()->environment('production') ? @file_get_contents(base_path(self::KEPT)) : false;

        return $kept === false || trim($kept) === '' ? null : trim($kept);
    }
}
