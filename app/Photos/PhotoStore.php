<?php

declare(strict_types=1);

namespace App\Photos;

use App\Models\Photo;
use App\Models\PinnedPhoto;
use App\Models\Product;
use App\Support\Refused;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use Kalokroma\Exchange\Faulty;

/**
 * Takes pictures in: turned upright, made small enough to look at, stripped of place and time, and kept without loss.
 */
final class PhotoStore
{
    public const LARGEST_BYTES = 20 * 1024 * 1024;

    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** A small file can hold a huge picture; unpacked it takes four bytes a pixel. */
    private const MOST_PIXELS = 26_000_000;

    private const LEAST_SIDE = 8;

    /** A picture in which nothing was measured that a paint still has was left lying, and goes when another is taken in after so many days. */
    private const KEPT_DAYS = 2;

    /** Plenty to measure in: averaging down only takes noise away. */
    private const LONGEST_SIDE = 1400;

    /**
     * A picture as it is looked at: upright, small enough, without what the camera noted.
     *
     * @throws Faulty when it is no picture we read, or too large a one
     */
    public function read(string $bytes): ImageInterface
    {
        $this->mustBeReadable($bytes);
        try {
            $image = (new ImageManager(Driver::class, autoOrientation: false, decodeAnimation: false, strip: true))
                ->read($bytes)
                ->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE)
                ->orient();

            return self::upright($image, Orientation::of($bytes));
        } catch (RuntimeException) {
            throw Faulty::field('photo', 'This picture is damaged. Save it anew, or take another.');
        }
    }

    /** @throws Faulty when it is no picture we read, or too large a one */
    public function take(string $bytes): Photo
    {
        $image = $this->read($bytes);
        $png = $image->toPng()->toString();

        return DB::transaction(static function () use ($image, $png): Photo {
            Photo::query()->where('created_at', '<', Date::now()->subDays(self::KEPT_DAYS))->whereNotIn('id', self::inUse())->delete();

            return Photo::query()->create(['width' => $image->width(), 'height' => $image->height(), 'png' => $png]);
        });
    }

    /** @throws Refused when a paint was measured in it */
    public function remove(string $id): void
    {
        DB::transaction(static function () use ($id): void {
            $photo = Photo::query()->findOrFail($id);
            if (in_array($photo->id, self::inUse(), true)) {
                throw Refused::at(
                    'photo',
                    'A paint has its measured colour from this picture, or it is pinned in the logbook. Measure that anew, or take the picture out of the logbook first.',
                );
            }
            $photo->delete();
        });
    }

    /** @return list<string> ids of photos that a paint was measured in, or that are pinned to a batch */
    private static function inUse(): array
    {
        $pinned = array_values(PinnedPhoto::withTrashed()->pluck('photo_id')->all());

        return array_merge(
            $pinned,
            ...Product::withTrashed()
                ->whereNotNull('measured')
                ->get()
                ->map(static fn(Product $product): array => $product->measured()->photos())
                ->all()
                ?: [[]],
        );
    }

    private static function upright(ImageInterface $image, int $orientation): ImageInterface
    {
        return match ($orientation) {
            2 => $image->flop(),
            3 => $image->rotate(180),
            4 => $image->flip(),
            5 => $image->rotate(270)->flop(),
            6 => $image->rotate(270),
            7 => $image->rotate(90)->flop(),
            8 => $image->rotate(90),
            default => $image,
        };
    }

    private function mustBeReadable(string $bytes): void
    {
        $size = $bytes === '' ? false : @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::TYPES, true)) {
            throw Faulty::field('photo', 'This is no JPEG, PNG or WebP picture.');
        }
        if ($size[2] === IMAGETYPE_JPEG && ! Jpeg::isWhole($bytes)) {
            throw Faulty::field('photo', 'This picture is cut off: part of it is missing. Save it anew, or take another.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Faulty::field(
                'photo',
                sprintf(
                    'This picture has %d × %d pixels. Make it smaller: %d million are plenty.',
                    $size[0],
                    $size[1],
                    self::MOST_PIXELS / 1_000_000,
                ),
            );
        }
        if (min($size[0], $size[1]) < self::LEAST_SIDE) {
            throw Faulty::field('photo', 'This picture is too small to mark anything in.');
        }
    }
}
