<?php

declare(strict_types=1);

namespace Tests\Bench;

use App\Photos\PhotoReading;
use App\Photos\PhotoStore;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Artisan;
use RuntimeException;

/**
 * A photo of twelve million pixels, taken standing up: taken in, turned, kept and read. Runs in a process of its own, to see what memory it
 * takes.
 */
final class PhotoBench
{
    private const WIDTH = 4000;

    private const HEIGHT = 3000;

    /** @return array{ms: float, megabytes: float} */
    public static function run(): array
    {
        putenv('DB_DATABASE=:memory:');
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        Artisan::call('migrate', ['--force' => true]);
        $bytes = (string) file_get_contents(self::picture());
        $took = Clock::milliseconds(static function () use ($app, $bytes): void {
            $photo = $app->make(PhotoStore::class)->take($bytes);
            PhotoReading::of($photo, [
                ['what' => 'grey', 'x' => 0.1, 'y' => 0.1, 'width' => 0.3, 'height' => 0.3],
                ['what' => 'swatch', 'x' => 0.1, 'y' => 0.6, 'width' => 0.3, 'height' => 0.3],
            ]);
        });

        return ['ms' => $took, 'megabytes' => (getrusage()['ru_maxrss'] ?? 0) / 1024];
    }

    /** Made by another process: making it takes as much memory as reading it. */
    public static function make(string $path): void
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT) ?: throw new RuntimeException('No picture can be made.');
        for ($x = 0; $x < self::WIDTH; $x += 8) {
            for ($y = 0; $y < self::HEIGHT; $y += 8) {
                $grain = ($x * 31 + $y * 17) % 7;
                imagefilledrectangle(
                    $image,
                    $x,
                    $y,
                    $x + 7,
                    $y + 7,
                    $x < self::WIDTH / 2 ? 0x70_70_70 + 0x01_01_01 * $grain : 0x7a_52_30 + 0x01_01_01 * $grain,
                );
            }
        }
        ob_start();
        imagejpeg($image, null, 90);
        $jpeg = (string) ob_get_clean();
        // Exif that says nothing but: turn me a quarter to the right.
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
        file_put_contents($path, substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2));
    }

    private static function picture(): string
    {
        return sys_get_temp_dir().'/kalokroma-bench.jpg';
    }
}
