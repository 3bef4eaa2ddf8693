<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figure;
use App\Models\Plan;
use App\Plans\PlanView;
use Kalokroma\Craft\Texture;
use Kalokroma\Relief\Picture;
use Kalokroma\Relief\PictureRelief;
use Kalokroma\Relief\Sprays;

/**
 * What a picture of the model says: which zone is where, by its light and shade and the textures of the areas named on it. Nothing of it is
 * measured.
 */
final class PictureWork extends FigureWork
{
    private ?Picture $picture = null;

    /** @param array<int, Texture> $textures by the number that labels give an area */
    private function __construct(
        private readonly Figure $figure,
        private readonly array $textures,
        private readonly Sprays $sprays,
    ) {}

    public static function of(Figure $figure): self
    {
        $plan = $figure->relationLoaded('plan') ? $figure->plan : Plan::query()->findOrFail($figure->plan_id);
        $rehearsal = PlanView::of($plan)->rehearsal;
        $textures = [];
        foreach ($figure->areas as $number => $id) {
            $area = $rehearsal->plan->area($id);
            if ($area !== null) {
                $textures[$number] = $area->texture;
            }
        }

        return new self($figure, $textures, Sprays::of($rehearsal));
    }

    public function share(): float
    {
        return 1.0;
    }

    public function isDone(): bool
    {
        return true;
    }

    /** Another when areas are named otherwise, or are of another texture. */
    public function key(): string
    {
        return hash(
            'xxh32',
            serialize([
                $this->figure->standing(),
                array_column($this->textures, 'value'),
                $this->sprays->above?->key(),
                $this->sprays->below?->key(),
            ]),
        );
    }

    public function goOn(): void {}

    /** In place of openness stands how light the picture is: what is in no area is seen as it was taken. */
    public function bytes(): string
    {
        $picture = $this->picture();
        $figure = isset($this->figure->getAttributes()['labels']) ? $this->figure : Figure::query()->findOrFail($this->figure->id);
        $labels = $figure->toLabels($picture->mesh($figure->height_mm));
        $zones = PictureRelief::zones($picture, $labels, $this->textures);
        $lit = $this->sprays->above === null && $this->sprays->below === null ? null : PictureRelief::lit($picture);
        $bytes = '';
        foreach ($zones as $point => $zone) {
            $above = $lit === null || $this->sprays->above === null ? 255 : (int) round(255 * $lit[$point]);
            $below = $lit === null || $this->sprays->below === null ? 255 : (int) round(255 * (1.0 - $lit[$point]));
            $bytes .= pack('C4', (int) round(255 * $zone / 4), $picture->lightness[$point], $above, $below);
        }

        return $bytes;
    }

    public function measures(): array
    {
        return [];
    }

    private function picture(): Picture
    {
        return $this->picture ??= $this->figure->toPicture();
    }
}
