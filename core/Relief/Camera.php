<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/** From where a figure is looked at for a still: from far away, turned about its upright axis, a little from above. */
final readonly class Camera
{
    private const DOWN_DEGREES = 12.0;

    /** From the front on, and to both hands by turns. */
    private const EIGHTHS = [0.0, 45.0, -45.0, 90.0, -90.0, 135.0, -135.0, 180.0];

    private const CLEARLY = 1.15;

    private function __construct(
        public float $turnDegrees,
        public float $downDegrees,
    ) {}

    /** @param float $turnDegrees 0 from the front, 90 from its left hand */
    public static function turned(float $turnDegrees, float $downDegrees = self::DOWN_DEGREES): self
    {
        return new self($turnDegrees, $downDegrees);
    }

    /**
     * From which side, of eight, most of each area is seen: from the front where nothing is seen of it.
     *
     * @return list<float> degrees it is turned by, by the number that labels give an area
     */
    public static function facing(Mesh $mesh, Labels $labels): array
    {
        $corners = array_map(static fn(int $number): array => $labels->vertices($number, $mesh), array_keys($labels->areas));
        $best = $most = array_map(static fn(): float => 0.0, $corners);
        $sizes = $mesh->vertexAreas();
        foreach (self::EIGHTHS as $degrees) {
            $seen = $looked = array_fill(0, $mesh->vertexCount(), 0.0);
            DepthPicture::add($mesh, self::turned($degrees)->towards(), $seen, $looked);
            foreach ($corners as $number => $of) {
                $shown = 0.0;
                foreach ($of as $vertex) {
                    $shown += $sizes[$vertex] * $seen[$vertex];
                }
                // The front is what one looks at; another side has to show clearly more.
                if ($shown > self::CLEARLY * $most[$number]) {
                    [$best[$number], $most[$number]] = [$degrees, $shown];
                }
            }
        }

        /** @var list<float> $best */
        return $best;
    }

    /** @return array{float, float, float} unit vector to whoever looks */
    public function towards(): array
    {
        [$turn, $down] = [deg2rad($this->turnDegrees), deg2rad($this->downDegrees)];

        return [sin($turn) * cos($down), sin($down), cos($turn) * cos($down)];
    }
}
