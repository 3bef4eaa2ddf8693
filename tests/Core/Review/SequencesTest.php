<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Planning\Rehearsal;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/**
 * Sequences that experienced painters really use, of every school. None of them is a mistake: whoever is told so by a tool stops listening
 * to it.
 */
final class SequencesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function sequences(): iterable
    {
        $sequences = [
            'cloth, wash and highlight: base, wash, base again, two lights, edge' => '
                area coat broad-folds main cloth
                  basecoat blue
                  wash blue-wash
                  layer blue
                  highlight sky 1:2
                  edge-highlight ice',
            'chain: metal, black wash, brighter metal drybrushed' => '
                undercoat black
                area mail scales-or-chain large metal
                  basecoat steel x1
                  wash black-wash 1:0
                  drybrush bright-steel',
            'worn metal: drybrush, wash, drybrush, wash, drybrush' => '
                undercoat black
                area hull hard-edged-panel main metal
                  drybrush steel
                  wash umber-wash
                  drybrush steel
                  wash black-wash
                  drybrush bright-steel x1',
            'fur: dark base, three drybrushed tones, the darkest glazed back' => '
                undercoat black
                area pelt fur-or-feather main fur
                  basecoat dark-brown x1
                  drybrush brown
                  drybrush tan
                  drybrush sand x1
                  glaze dark-brown',
            'layering from dark: no wash, each tone leaves some of the last' => '
                undercoat black
                area cloak broad-folds main cloth
                  basecoat dark-red
                  layer red
                  layer red*2 orange upper x2
                  highlight orange',
            'yellow over a light ground, lined dark' => '
                undercoat white
                area oilskin broad-folds main cloth
                  basecoat yellow x5
                  layered-shade ochre
                  lining dark-brown
                  highlight yellow*2 ivory',
            'yellow stippled up from brown through ochre' => '
                undercoat grey
                area oilskin broad-folds main cloth
                  basecoat brown
                  stipple ochre
                  stipple yellow x3
                  highlight yellow ivory',
            'black by small grey steps, and its edges' => '
                undercoat black
                area boots close-folds medium leather
                  basecoat coal x1
                  highlight soot
                  edge-highlight mid-grey',
            'white begun with grey, pure white on the last edges' => '
                undercoat grey
                area robe broad-folds main cloth
                  basecoat mid-grey
                  layer pale-grey
                  highlight ivory
                  edge-highlight snow',
            'zenithal and one transparent, edges picked out' => '
                undercoat black light bone cone 60
                area robe close-folds main cloth
                  one-coat moss
                  edge-highlight lime',
            'skin: base, red wash, base, pale light, eyes before the face is lit' => '
                undercoat grey
                area face skin small skin touches eyes
                  basecoat skin
                  wash red-wash 1:3
                  layer skin
                  highlight skin-pale
                area eyes tiny-detail speck other touches face
                  eye coal
                  eye ivory
                  eye coal corners
                order face-1 face-2 eyes-1 eyes-2 eyes-3 face-3 face-4',
            'skin last, framed by its own shade' => '
                undercoat black
                area coat broad-folds main cloth touches face
                  basecoat navy
                  highlight blue
                area face skin small skin under coat touches coat
                  basecoat skin-dark
                  layer skin
                  highlight skin-pale
                order coat-1 coat-2 face-1 face-2 face-3',
            'smooth armour: recess wash and edges' => '
                undercoat grey
                area plate smooth-panel large armour
                  basecoat red x3
                  wash umber-wash recesses
                  edge-highlight orange',
            'panels flooded, and laid over again' => '
                undercoat bone
                area plate hard-edged-panel main armour
                  basecoat green
                  wash umber-wash
                  layer green
                  edge-highlight lime',
            'the long form: gloss, cure, decal, softener, gloss, solvent wash, wipe, streaks, feather, pigments, matt, gloss on the lenses' => '
                undercoat grey
                area hull smooth-panel main armour touches lens
                  basecoat dark-green
                  edge-highlight green
                  decal setting wait 60
                  decal-softener setting wait 60
                  solvent-wash grime recesses wait 180
                  wipe-back wait 60
                  streaks grime wait 10
                  feather wait 300
                  pigments dust
                area lens tiny-detail speck glass touches hull
                  lens ivory x2
                  lens ruby x2
                  gloss-spot gloss
                whole
                  gloss-coat gloss wait 1440
                  matt-coat matt
                order hull-1 hull-2 lens-1 lens-2 whole-1 hull-3 hull-4 hull-5 hull-6 hull-7 hull-8 hull-9 whole-2 lens-3',
            'chipping: base, seal, fluid, top colour, scratched within the hour' => '
                undercoat grey
                area crane hard-edged-panel main metal
                  basecoat leather
                  satin-coat satin
                  chipping-fluid lifter
                  basecoat ochre
                  chip
                  layer ochre*2 sand upper x1',
            'one area after the other, a single figure' => '
                undercoat black
                area coat broad-folds main cloth touches trousers
                  basecoat navy x1
                  highlight blue
                  edge-highlight sky
                area trousers close-folds medium cloth touches coat
                  basecoat brown
                  wash umber-wash
                  highlight tan
                order coat-1 coat-2 coat-3 trousers-1 trousers-2 trousers-3',
            'the base of the model drybrushed last' => '
                undercoat black
                area coat broad-folds main cloth touches ground
                  basecoat navy x1
                  highlight blue
                area ground rubble medium ground ground touches coat
                  texture-paste mud
                  grit
                  drybrush tan
                  drybrush sand x1
                  tuft
                  rim coal
                order coat-1 coat-2 ground-1 ground-2 ground-3 ground-4 ground-5 ground-6',
            'a shield kept loose, glued on at the end' => '
                undercoat black
                loose shield
                area coat broad-folds main cloth behind front touches front
                  basecoat navy x1
                  highlight blue
                area front hard-edged-panel medium armour part shield touches coat
                  basecoat steel x1
                  wash black-wash
                  edge-highlight bright-steel
                whole
                  glue-part part shield
                order front-1 front-2 front-3 coat-1 coat-2 whole-1',
            'drybrushed over the neighbours, which are cleaned up after' => '
                undercoat black
                area coat broad-folds main cloth touches pelt
                  basecoat navy x1
                  highlight blue
                  clean-up navy
                area pelt fur-or-feather medium fur touches coat
                  basecoat dark-brown x1
                  drybrush tan
                order coat-1 coat-2 pelt-1 pelt-2 coat-3',
            'the leather base is the light of a washed leather' => '
                undercoat grey
                area straps close-folds small leather
                  basecoat leather
                  wash umber-wash 1:0
                  highlight leather',
            'a grey transparent over silver, the edges silvered again' => '
                undercoat black
                area blade hard-edged-panel medium metal
                  basecoat bright-steel x1
                  glaze blue-wash 1:5
                  edge-highlight bright-steel',
            'brass: silver edges, verdigris in the corners' => '
                undercoat black
                area lamp hard-edged-panel small metal
                  basecoat brass x1
                  wash umber-wash 1:0
                  edge-highlight bright-steel
                  effect rust recesses',
            'coloured light on a finished coat, metal put back' => '
                undercoat black
                area coat broad-folds main cloth touches buckle
                  basecoat navy x1
                  highlight blue
                  coloured-light amber side left
                area buckle tiny-detail speck metal touches coat
                  basecoat brass x1
                  coloured-light amber side left
                  dot bright-steel
                order coat-1 coat-2 buckle-1 coat-3 buckle-2 buckle-3',
            'a wet blend on a cloak, lit at the top' => '
                undercoat grey
                area cloak broad-folds main cloth
                  wet-blend navy over blue
                  highlight sky 1:3',
            'no varnish at all, decal straight on' => '
                undercoat grey
                area shoulder hard-edged-panel medium armour
                  basecoat red x3
                  decal setting
                  edge-highlight orange',
            'a primed model whose primer is the basecoat of the coat' => '
                undercoat dim
                area coat broad-folds main cloth
                  wash black-wash
                  highlight mid-grey 1:3
                  edge-highlight pale-grey',
            'the second method: one brighter paint, much thinned, reaching less far each time' => '
                undercoat black
                area robe broad-folds main cloth
                  basecoat dark-green x1
                  highlight lime 1:3 x4
                  highlight lime 1:2 edges x2',
            'a wash all over, its neighbour repaired, then both lit' => '
                undercoat grey
                area trim hard-edged-panel small metal touches cloth
                  basecoat brass x1
                  touch-up brass
                  edge-highlight bright-steel
                area cloth close-folds large cloth touches trim
                  basecoat red x3
                  wash umber-wash
                  layer red
                  highlight orange
                order trim-1 cloth-1 cloth-2 trim-2 cloth-3 cloth-4 trim-3',
            'late weathering all over: chips and drybrushed metal' => '
                undercoat grey
                area hull hard-edged-panel main armour
                  basecoat dark-green
                  edge-highlight green
                whole
                  chip coal
                  drybrush steel x1
                  matt-coat matt
                order hull-1 hull-2 whole-1 whole-2 whole-3',
        ];
        foreach ($sequences as $name => $sketch) {
            yield $name => [$sketch];
        }
    }

    #[DataProvider('sequences')]
    public function testWhatPaintersDoRaisesNoAlarm(string $sketch): void
    {
        $alarms = array_filter(
            Review::of(Scene::of(Rehearsal::of(PlanSketch::plan($sketch)))),
            static fn(Finding $one): bool => $one->severity === Severity::StopsTheJob || $one->severity === Severity::CostsTime,
        );

        self::assertSame(
            [],
            array_map(static fn(Finding $one): string => "$one->rule at $one->step: $one->words $one->why", array_values($alarms)),
        );
    }
}
