<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use App\Console\ToldLooks;
use App\Console\WrongWords;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\StepWriter;
use Kalokroma\Illegal;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\Proposal;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Taste;
use Kalokroma\Writing\Wish;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;

final class WriteRecipe extends FileCommand
{
    use ToldLooks;

    private const HEIGHT_MM = 32;

    protected $signature = 'kalokroma:write-recipe
        {--texture=broad-folds : Relief of the area}
        {--material=other : What it is made of in the story}
        {--target= : Colour it shall have, as hex or in words}
        {--undercoat= : Colour of the undercoat, as hex; left out: bare plastic}
        {--school= : Way of painting it; left out: the three that suit best}
        {--level=table-ready : table-ready or display}
        {--wishes= : What one would rather have, by commas: warmer, fewer-steps, fewest-pots …; said twice asks for more}
        {--paints= : Catalogue file (CSV)}
        {--shelf= : Shelf file (CSV); left out: all paints are owned}
        {--airbrush : One is at hand}
        {--json : Answer as JSON}';

    protected $description = 'Writes recipes for an area from owned paints';

    protected function answer(): array
    {
        $school = $this->option('school') === null ? null : $this->oneOf('school', School::class);
        $wish = new WritingWish(
            Area::of(
                'area',
                'Area',
                $this->oneOf('texture', Texture::class),
                AreaSize::Medium,
                Importance::Normal,
                material: $this->oneOf('material', Material::class),
            ),
            $this->colourOf('target'),
            ModelKind::of('Model', BodyType::OnFoot, self::HEIGHT_MM, $this->oneOf('level', FinishLevel::class)),
            $this->option('undercoat') === null
                ? Undercoat::bare()
                : Undercoat::plain(Paint::of('undercoat', 'Undercoat', Kind::Primer, $this->colourOf('undercoat'))),
            taste: Taste::of($this->someOf('wishes', Wish::class)),
            hasAirbrush: $this->option('airbrush') === true,
        );

        return ['proposals' => array_map(self::proposal(...), (new Writer($this->box()))->write($wish, $school))];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['proposals'] as $proposal) {
            $this->line(sprintf('%s, %.0f minutes', $proposal['school'], $proposal['minutes']));
            foreach ($proposal['steps'] as $step) {
                $this->line(sprintf(
                    '  %-16s %s, %d x  %s',
                    $step['technique'],
                    implode(' : ', array_map(static fn(array $one): string => "$one[parts] $one[name]", $step['mix'])),
                    $step['coats'],
                    $step['reason'],
                ));
            }
        }
    }

    private function box(): PaintBox
    {
        $catalogue = $this->catalogue();
        $all = array_map($this->paint(...), array_values($catalogue));
        if ($this->option('shelf') === null) {
            return new PaintBox($all);
        }
        $owned = $this->shelf($catalogue);
        $ids = array_flip(array_column($owned, 'id'));

        return new PaintBox($owned, static fn(): array => array_values(array_filter($all, static fn(Paint $one): bool => ! isset($ids[$one->id]))));
    }

    private function colourOf(string $option): Lab
    {
        try {
            return Lab::spoken($this->optional($option));
        } catch (Illegal $illegal) {
            throw new WrongWords("--$option: {$illegal->getMessage()}");
        }
    }

    /** @return array<string, mixed> */
    private static function proposal(Proposal $proposal): array
    {
        return [
            'school' => $proposal->school->value,
            'steps' => array_map(static fn(Step $step): array => [
                ...StepWriter::write($step),
                'mix' => self::parts($step->mix),
                'reason' => $proposal->reasons[$step->id] ?? '',
            ], $proposal->area->steps),
            'missing' => array_map(static fn(Paint $one): array => self::part($one), $proposal->missing),
            'unreached' => $proposal->unreached,
            'minutes' => round($proposal->minutes(), 1),
            'stages' => array_map(self::stage(...), $proposal->strip->stages),
        ];
    }
}
