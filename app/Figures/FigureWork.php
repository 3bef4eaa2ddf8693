<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use Kalokroma\Relief\Labels;
use Kalokroma\Relief\MarkPlaces;
use Kalokroma\Relief\Measure;
use Kalokroma\Relief\Mesh;
use Kalokroma\Relief\PackedRelief;
use Kalokroma\Relief\Skin;

/** What is worked out of a figure: of a sculpt a slice at a time, of a picture at once. */
abstract class FigureWork
{
    /**
     * @throws \Kalokroma\Exchange\Faulty when the plan cannot be read
     * @throws \Illuminate\Database\Eloquent\ModelNotFoundException when the plan is deleted
     */
    public static function on(Figure $figure): self
    {
        return $figure->isPicture() ? PictureWork::of($figure) : ReliefWork::of($figure);
    }

    /** @return float 0…1 of what there is to work out */
    abstract public function share(): float;

    abstract public function isDone(): bool;

    /** What stands in an address of what was worked out: another when it is another. */
    abstract public function key(): string;

    /** Goes on for a slice. */
    abstract public function goOn(): void;

    /** @return string four bytes a vertex: zone (0 recess to 255 edge), openness, what comes from above, what comes from below */
    abstract public function bytes(): string;

    /** @return string a byte a vertex: how far out it lies from the middle of its area's mark (MarkPlaces) */
    public static function marks(Figure $figure): string
    {
        $skin = PackedRelief::skin(self::on($figure)->bytes());
        $mesh = $figure->mesh();

        return PackedRelief::shares(self::markPlaces($figure, $mesh, $figure->toLabels($mesh), $skin));
    }

    /** @return list<float> by vertex, 0…1 */
    public static function markPlaces(Figure $figure, Mesh $mesh, Labels $labels, Skin $skin): array
    {
        // A picture's light says nothing of how open it is.
        $openness = $figure->isPicture() ? array_fill(0, $mesh->vertexCount(), 1.0) : $skin->openness;

        return MarkPlaces::of($mesh, $labels, $skin->zones, $openness);
    }

    /** @return list<Measure> what the sculpt says of each area; nothing while the relief is not worked out */
    abstract public function measures(): array;
}
