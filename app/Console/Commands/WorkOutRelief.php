<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use App\Console\WrongWords;
use InvalidArgumentException;
use Kalokroma\Relief\Exposure;
use Kalokroma\Relief\GlbFile;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\Measure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\Spray;
use Kalokroma\Simulation\SprayCone;

final class WorkOutRelief extends FileCommand
{
    protected $signature = 'kalokroma:relief
        {figure : GLB file, mm, y up}
        {--areas= : File with the area of each triangle (figure.areas.json); without it each patch is told by itself}
        {--above= : Half angle in degrees of a spray from above}
        {--below= : Half angle in degrees of a spray from below}
        {--keep= : File to write what was worked out to, vertex by vertex}
        {--json : Answer as JSON}';

    protected $description = 'Works out the relief of a sculpt: zones, size and height of its areas, and what sprays leave on it';

    protected function answer(): array
    {
        $mesh = GlbFile::read($this->content($this->word('figure')));
        $labels = $this->labels($mesh);
        $openness = Exposure::around($mesh)->finish()->openness();
        $kept = ['relief' => PackedRelief::of($mesh, $openness)];
        foreach ($this->sprays() as $spray) {
            $kept[$spray->key()] = PackedRelief::shares(Exposure::of($mesh, $spray)->finish()->reach());
        }
        $keep = $this->option('keep');
        if (is_string($keep)) {
            file_put_contents(
                $keep,
                json_encode(
                    array_map(static fn(string $bytes): string => base64_encode((string) gzencode($bytes, 9)), $kept),
                    JSON_THROW_ON_ERROR,
                )."\n",
            );
        }
        [$zones] = PackedRelief::read($kept['relief']);

        return [
            'vertices' => $mesh->vertexCount(),
            'triangles' => $mesh->triangleCount(),
            'heightMm' => round($mesh->heightMm(), 2),
            'areas' => array_map(static fn(Measure $area): array => [
                'area' => $area->area,
                'cm2' => round($area->mm2 / 100, 2),
                'share' => round($area->share, 4),
                'zones' => array_map(static fn(float $share): float => round($share, 3), $area->zones),
                'fromMm' => round($area->lowestMm, 1),
                'toMm' => round($area->highestMm, 1),
                'hidden' => round($area->hidden, 3),
                'touches' => array_map(static fn(float $mm): float => round($mm, 1), $area->bordersMm),
            ], Measure::of($mesh, $labels, $zones, $openness)),
        ];
    }

    protected function tell(array $answer): void
    {
        $this->line(sprintf('%d vertices, %d triangles, %.1f mm high', $answer['vertices'], $answer['triangles'], $answer['heightMm']));
        foreach ($answer['areas'] as $area) {
            $this->line(sprintf(
                '%-20s %6.2f cm² %3d %%  %s',
                $area['area'] ?? 'in no area',
                $area['cm2'],
                round(100 * $area['share']),
                implode(' ', array_map(static fn(float $one): string => sprintf('%3d', round(100 * $one)), $area['zones'])),
            ));
        }
    }

    private function labels(Mesh $mesh): Labels
    {
        $file = $this->option('areas');
        if (! is_string($file)) {
            return Labels::ofPatches($mesh);
        }
        $told = json_decode($this->content($file), true);
        if (! is_array($told) || ! is_array($told['areas'] ?? null) || ! is_string($told['triangles'] ?? null)) {
            throw new WrongWords('--areas takes a file with "areas", a list of names, and "triangles", their numbers packed.');
        }

        return Labels::of(
            array_values(array_map(strval(...), $told['areas'])),
            (string) gzdecode((string) base64_decode($told['triangles'], true)),
            $mesh,
        );
    }

    /** @return list<Spray> */
    private function sprays(): array
    {
        $sprays = [];
        foreach (['above', 'below'] as $side) {
            if ($this->option($side) !== null) {
                try {
                    $cone = SprayCone::ofHalfAngle($this->number($side, 'an angle in degrees'));
                } catch (InvalidArgumentException $wrong) {
                    throw new WrongWords($wrong->getMessage());
                }
                $sprays[] = Spray::of($side === 'below' ? $cone->fromBelow() : $cone);
            }
        }

        return $sprays;
    }
}
