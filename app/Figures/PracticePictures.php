<?php

declare(strict_types=1);

namespace App\Figures;

use App\Support\EngineMark;
use App\Support\Kept;
use Illuminate\Support\Facades\File;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\Practice;
use Kalokroma\Relief\Skin;
use Kalokroma\Relief\Spray;
use Kalokroma\Simulation\SprayCone;

/** The handbook's pictures: each technique on the practice piece, before and after. */
final class PracticePictures
{
    /** Of each of the two. */
    private const WIDTH = 220;

    private const HEIGHT = 250;

    /** @return array<string, string> by technique, where its picture can be had; another address when another engine draws it */
    public static function addresses(): array
    {
        $mark = hash('xxh32', EngineMark::now());

        return array_combine(
            Practice::shown(),
            array_map(static fn(string $technique): string => "/api/handbook/techniques/$technique/still?of=$mark", Practice::shown()),
        );
    }

    /** @return string|null PNG; null where there is nothing to see of it */
    public static function of(string $technique): ?string
    {
        if (! in_array($technique, Practice::shown(), true)) {
            return null;
        }
        $png = Kept::now()->of('practice', [$technique], static fn(): array => [base64_encode(StillPng::of(
            self::piece()->stills($technique, self::WIDTH, self::HEIGHT, true),
        ))]);

        return base64_decode($png[0], true) ?: null;
    }

    private static function piece(): Practice
    {
        $mesh = GlbFile::read(File::get(resource_path('handbook/practice.glb')));
        /** @var array{areas: list<string>, triangles: string} $told */
        $told = File::json(resource_path('handbook/practice.areas.json'));
        /** @var array<string, string> $relief */
        $relief = File::json(resource_path('handbook/practice.relief.json'));
        [$zones, $openness] = PackedRelief::read(self::unpacked($relief['relief']));
        $above = $relief[Spray::of(SprayCone::ofHalfAngle(Practice::CONE_DEGREES))->key()];

        return new Practice(
            $mesh,
            Labels::of($told['areas'], self::unpacked($told['triangles']), $mesh),
            Skin::of($zones, $openness, PackedRelief::readShares(self::unpacked($above))),
        );
    }

    private static function unpacked(string $text): string
    {
        return (string) gzdecode((string) base64_decode($text, true));
    }
}
