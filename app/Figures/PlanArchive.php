<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use App\Models\Plan;
use App\Plans\BroughtIn;
use App\Plans\PlanFiles;
use App\Support\Field;
use App\Support\SoundJson;
use Illuminate\Support\Facades\DB;
use JsonException;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\Picture;
use RuntimeException;
use ZipArchive;

/** A plan and its figures as one zip file (docs/formats/archive.md): out, and in again the same. */
final readonly class PlanArchive
{
    private const BEGINS = "PK\x03\x04";

    private const PLAN = 'plan.json';

    /** Unpacked; what says it is larger is not unpacked. */
    private const LARGEST_PLAN = 4_000_000;

    private const MOST_FIGURES = 6;

    private const MOST_ENTRIES = 40;

    /** Nothing in an archive has a time of its own, so that the same plan is the same file. */
    private const TIME = 315_619_200;

    public function __construct(
        private PlanFiles $plans,
        private FigureStore $figures,
    ) {}

    public static function isOne(string $content): bool
    {
        return str_starts_with($content, self::BEGINS);
    }

    public function takeOut(Plan $plan): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kalokroma');
        try {
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::OVERWRITE) === true || throw new RuntimeException("The archive $path cannot be made.");
            self::put($zip, self::PLAN, $this->plans->takeOut($plan));
            foreach (Figure::query()->where('plan_id', $plan->id)->orderBy('id')->get() as $index => $figure) {
                $folder = sprintf('figures/%d', $index + 1);
                self::put($zip, "$folder/figure.json", json_encode([
                    'name' => $figure->name, 'areas' => $figure->areas, ...($figure->isPicture() ? ['pictureWidth' => $figure->picture_width] : []),
                ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");
                self::put($zip, "$folder/triangles.bin", $figure->labels);
                $figure->isPicture()
                    ? self::put($zip, "$folder/picture.bin", (string) $figure->picture)
                    : self::put($zip, "$folder/sculpt.glb", $figure->sculpt);
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            @unlink($path);
        }
    }

    /** @throws Faulty when it is no archive of a plan, or anything in it is no sound plan or figure; nothing of it is taken then */
    public function bringIn(string $content): BroughtIn
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kalokroma');
        $zip = new ZipArchive;
        file_put_contents($path, $content);
        $isOpen = $zip->open($path, ZipArchive::RDONLY) === true;
        try {
            if (! $isOpen || $zip->numFiles > self::MOST_ENTRIES) {
                throw Faulty::field('file', 'This archive is damaged, or none of a plan. Save the plan with its figures again.');
            }

            return DB::transaction(function () use ($zip): BroughtIn {
                $brought = $this->plans->bringIn(self::entry($zip, self::PLAN, self::LARGEST_PLAN));
                for ($number = 1; $number <= self::MOST_FIGURES && $zip->locateName("figures/$number/figure.json") !== false; $number++) {
                    $this->figure($zip, "figures/$number", $brought->plan->id);
                }

                return $brought;
            });
        } finally {
            $isOpen && $zip->close();
            @unlink($path);
        }
    }

    private function figure(ZipArchive $zip, string $folder, string $planId): void
    {
        try {
            $told = SoundJson::decode(self::entry($zip, "$folder/figure.json", 100_000), 8);
        } catch (JsonException) {
            throw Faulty::field('file', "$folder/figure.json is damaged.");
        }
        $name = is_string($told['name'] ?? null) ? mb_substr($told['name'], 0, 120) : 'Figure';
        $areas = is_array($told['areas'] ?? null) ? array_values(array_filter($told['areas'], is_string(...))) : [];
        $triangles = self::entry($zip, "$folder/triangles.bin", Mesh::MOST_TRIANGLES);
        $width = $told['pictureWidth'] ?? null;
        if (is_int($width)) {
            $bytes = self::entry($zip, "$folder/picture.bin", 3 * Picture::MOST_POINTS);
            $this->figures->addGrid($planId, $name, Field::read('file', static fn(): Picture => Picture::read($width, $bytes)), $areas, $triangles);
        } else {
            $this->figures->add($planId, $name, self::entry($zip, "$folder/sculpt.glb", GlbFile::LARGEST_BYTES), $areas, $triangles);
        }
    }

    private static function put(ZipArchive $zip, string $name, string $content): void
    {
        $zip->addFromString($name, $content);
        $zip->setMtimeName($name, self::TIME);
    }

    /** @throws Faulty when it is missing, damaged or larger than it may be; read no further than that, whatever the archive says of it */
    private static function entry(ZipArchive $zip, string $name, int $most): string
    {
        $size = (int) ($zip->statName($name)['size'] ?? -1);
        if ($size > $most) {
            throw Faulty::field('file', sprintf('%s in this archive is larger than %.1f MB.', $name, $most / 1e6));
        }
        $content = $size < 0 ? false : $zip->getFromName($name, $most + 1);
        if ($content === false || strlen($content) !== $size) {
            throw Faulty::field('file', "$name is missing in this archive, or damaged.");
        }

        return $content;
    }
}
