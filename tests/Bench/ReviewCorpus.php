<?php

declare(strict_types=1);

namespace Tests\Bench;

/**
 * Plans as painters write them down, for judging the review: one or two coats, and opacities nobody has measured.
 *
 * In the notation of PlanSketch. Mistakes name the rule that has to speak; of the others none may stop the job or cost time.
 */
final class ReviewCorpus
{
    /** @return array<string, array{string, string}> by what was done: rule that has to speak, plan */
    public static function mistakes(): array
    {
        return [
            'first figure, straight onto plastic' => ['unprimed', '
                undercoat none
                area tunic close-folds main cloth
                  basecoat blue x2
                  wash black-wash
                area face skin small skin
                  basecoat skin x2'],
            'yellow straight over black' => ['weak-over-dark', '
                undercoat black
                area coat broad-folds main cloth
                  basecoat yellow x2
                  wash umber-wash 1:3
                area boots close-folds small leather
                  basecoat brown x2'],
            'self-shading green over black, as the lid of the pot showed it' => ['transparent-over-dark', '
                undercoat black
                area robe close-folds main cloth
                  one-coat moss
                area rope rope-or-grain small rope
                  basecoat tan x2'],
            'a wash flooded over a smooth hull' => ['blotchy-wash', '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat blue x2
                  wash blue-wash
                  edge-highlight sky
                area tracks scales-or-chain medium metal
                  basecoat steel x1'],
            'silver thinned like any other paint' => ['overthinned-metallic', '
                undercoat black
                area mail scales-or-chain large metal
                  basecoat steel 1:2 x2
                  wash black-wash'],
            'white robe, straight umber all over it' => ['wash-too-strong', '
                undercoat white
                area robe close-folds main cloth
                  basecoat ivory x2
                  wash umber-wash 1:0
                  highlight snow'],
            'fur dusted when the armour beside it was done' => ['messy-after-neat', '
                undercoat black
                area plate hard-edged-panel large armour touches pelt
                  basecoat navy x2
                  edge-highlight sky
                area pelt fur-or-feather medium fur touches plate
                  basecoat dark-brown x1
                  drybrush tan
                order plate-1 plate-2 pelt-1 pelt-2'],
            'eyes at the very end' => ['eyes-after-face', '
                undercoat grey
                area face skin small skin touches eyes
                  basecoat skin x2
                  wash red-wash 1:2
                  highlight skin-pale
                area eyes tiny-detail speck other touches face
                  eye ivory x1
                  eye coal x1
                order face-1 face-2 face-3 eyes-1 eyes-2'],
            'the shield glued on before the chest was painted' => ['glued-too-early', '
                undercoat black
                loose shield
                area chest broad-folds medium cloth behind front
                  basecoat red x2
                  wash umber-wash
                area front smooth-panel medium wood part shield
                  basecoat brown x2
                whole
                  glue-part part shield
                order front-1 chest-1 whole-1 chest-2'],
            'numbers laid over the mud' => ['decal-after-grime', '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat green x2
                  streaks grime
                  decal setting
                  matt-coat matt'],
            'enamel wash over bare acrylic' => ['solvent-unsealed', '
                undercoat grey
                area hull hard-edged-panel main armour
                  basecoat green x2
                  solvent-wash grime recesses
                  wipe-back'],
            'matt varnish last of all, over the lenses' => ['gloss-lost', '
                undercoat black
                area suit hard-edged-panel main armour touches lens
                  basecoat red x2
                  edge-highlight orange
                area lens tiny-detail speck glass touches suit
                  lens ivory x1
                  lens ruby x1
                  gloss-spot gloss
                whole
                  matt-coat matt
                order suit-1 suit-2 lens-1 lens-2 lens-3 whole-1'],
            'the light is the base again' => ['highlight-not-lighter', '
                undercoat grey
                area cape broad-folds large cloth
                  basecoat green x2
                  highlight dark-green x1
                area belt close-folds small leather
                  basecoat leather x2'],
            'dust of white on a green panel' => ['drybrush-on-panel', '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat green x2
                  drybrush pale-grey
                area exhaust tiny-detail small metal
                  basecoat steel x1'],
            'thinned paint in the dry brush' => ['thinned-drybrush', '
                undercoat black
                area rocks rubble main stone
                  basecoat soot x1
                  drybrush mid-grey 1:1 water'],
            'black wash over a bright face' => ['black-wash-on-pale', '
                undercoat white
                area face skin medium skin
                  basecoat skin-pale x2
                  wash black-wash
                area hair rope-or-grain small hair
                  basecoat dark-brown x2'],
            'red lit with pink' => ['red-through-white', '
                undercoat grey
                area cloak broad-folds main cloth
                  basecoat red x3
                  highlight red*1 snow*2 x2'],
            'undiluted blue on a big panel' => ['undiluted-panel', '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat blue 1:0 x1
                  edge-highlight sky'],
            'steps too soon, with a brush on a can' => ['dried-too-short', '
                undercoat black wait 5
                area tunic close-folds main cloth
                  basecoat red x2
                  wash umber-wash'],
            'hat and coat alike' => ['neighbours-alike', '
                undercoat bone
                area hat close-folds medium cloth touches coat
                  basecoat tan x2
                  wash umber-wash
                area coat close-folds main cloth touches hat
                  basecoat tan*3 leather*1 x2
                  wash umber-wash'],
            'a sketch nobody sees' => ['sketch-faint', '
                undercoat navy light purple
                area robe close-folds main cloth
                  one-coat ruby'],
            'white at once, and grey over it' => ['white-too-early', '
                undercoat grey
                area wings fur-or-feather main fur
                  basecoat snow x3
                  basecoat pale-grey x1
                  wash blue-wash 1:3'],
        ];
    }

    /** @return array<string, string> what breaks the rule of the books on purpose, and knows why */
    public static function experts(): array
    {
        return [
            'red over turquoise, deep' => '
                undercoat black light bone
                area cloak broad-folds main cloth
                  basecoat dark-red x1
                  layer red x2
                  layer red*3 orange*1 upper x2
                  highlight orange x1
                  glaze ruby 1:6',
            'dark red glaze that closes the ladder' => '
                undercoat black
                area cloak broad-folds main cloth
                  basecoat dark-red x2
                  highlight red x2
                  edge-highlight orange
                  glaze dark-red 1:9',
            'black over turquoise: a wash that is to darken' => '
                undercoat grey
                area scales scales-or-chain large leather
                  basecoat green x2
                  wash black-wash
                  drybrush lime x1',
            'brown wash on dark brown, only for depth' => '
                undercoat black
                area boots close-folds medium leather
                  basecoat dark-brown x1
                  wash umber-wash
                  highlight leather',
            'one-coat straight on silver' => '
                undercoat black
                area plate hard-edged-panel medium metal
                  basecoat steel x1
                  one-coat ruby
                  edge-highlight bright-steel',
            'yellow in many thin coats up from brown' => '
                undercoat grey
                area coat broad-folds main cloth
                  basecoat brown x2
                  layer ochre 1:2 x2
                  layer yellow 1:2 x3
                  highlight yellow*2 ivory*1 1:2 x2',
            'weathered hull, fluid, salt and scratches' => '
                undercoat grey
                area hull hard-edged-panel main metal
                  basecoat leather x2
                  satin-coat satin
                  chipping-fluid lifter
                  basecoat green x2
                  chip
                  streaks grime
                  pigments dust',
            'chipped under a transparent' => '
                undercoat grey
                area hull hard-edged-panel main metal
                  basecoat steel x2
                  satin-coat satin
                  chipping-fluid lifter
                  one-coat moss brush airbrush
                  chip',
            'lights on the coat before the skin is touched at all' => '
                undercoat black
                area coat broad-folds main cloth touches face
                  basecoat navy x2
                  highlight blue
                area face skin small skin under coat touches coat
                  basecoat skin-dark x1
                  layer skin x2 but
                  highlight skin-pale
                order coat-1 coat-2 face-1 face-2 face-3',
            'careful one-coat beside finished armour' => '
                undercoat bone
                area plate hard-edged-panel large armour touches cloth
                  basecoat steel x1
                  edge-highlight bright-steel
                area cloth close-folds medium cloth touches plate
                  one-coat moss
                order plate-1 plate-2 cloth-1',
            'stippled skin beside a finished collar' => '
                undercoat grey
                area collar close-folds medium cloth touches face
                  basecoat red x2
                  highlight orange
                area face skin small skin touches collar
                  basecoat skin-dark x2
                  stipple skin
                  highlight skin-pale
                order collar-1 collar-2 face-1 face-2 face-3',
            'two halves of one mantle' => '
                undercoat grey
                area mantle-front close-folds large cloth touches mantle-back aim #27509a
                  basecoat blue x2
                  highlight sky
                area mantle-back close-folds large cloth touches mantle-front aim #27509a
                  basecoat blue x2
                  wash blue-wash 1:2',
            'cans a quarter of an hour apart' => '
                undercoat black light bone wait 60
                area robe close-folds main cloth
                  basecoat red x2 wait 20
                  wash umber-wash 1:0 wait 40
                  highlight orange',
            'a crest line drawn last, freehand, on nothing but itself' => '
                undercoat grey
                area helm hard-edged-panel medium armour
                  basecoat red x2
                  edge-highlight orange
                  lining coal',
            'glow: orange on red, stronger rather than lighter' => '
                undercoat grey
                area coals broad-folds medium other
                  basecoat dark-red x1
                  basecoat red x2
                  highlight orange*2 red*1 x2',
            'a middle tone laid beside the light' => '
                undercoat grey
                area cape broad-folds main cloth
                  basecoat blue x2
                  highlight sky
                  layer blue centre x1',
            'old silver, dulled and left so' => '
                undercoat black
                area mail scales-or-chain large metal
                  basecoat steel x1
                  wash umber-wash
                  pigments dust',
            'gem with a white dot' => '
                undercoat black
                area gem tiny-detail speck glass
                  gem dark-red x1
                  gem red x1
                  gem orange x1 lower
                  dot snow
                  gloss-spot gloss',
            'wash on a panel, then all of it again' => '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat blue x2
                  wash blue-wash
                  layer blue x1
                  edge-highlight sky',
            'soft brush buffing on a bonnet' => '
                undercoat black
                area bonnet smooth-panel large armour
                  basecoat dark-green x2
                  drybrush green load dusting
                  edge-highlight lime',
            'pale yellow over white, the wash weakened to a breath' => '
                undercoat white
                area coat close-folds main cloth
                  basecoat yellow x2
                  wash umber-wash 1:4
                  highlight yellow*1 ivory*1',
            'metal drybrushed on the weapons when all the rest is done' => '
                undercoat black
                area suit close-folds main cloth touches blade
                  basecoat navy x2
                  highlight blue
                area blade hard-edged-panel small metal touches suit
                  basecoat soot x1
                whole
                  drybrush steel
                  matt-coat matt
                order suit-1 suit-2 blade-1 whole-1 whole-2',
        ];
    }

    /** @return array<string, string> what is painted every evening */
    public static function sequences(): array
    {
        return [
            'table-ready foot: two coats, wash, base again' => '
                undercoat black
                area tunic close-folds main cloth touches face,belt
                  basecoat navy x2
                  wash blue-wash
                  layer navy x1
                area face skin small skin touches tunic
                  basecoat skin x2
                  wash red-wash
                area belt close-folds small leather touches tunic
                  basecoat brown x1
                  wash umber-wash',
            'tan under bone, one coat each' => '
                undercoat grey
                area robe broad-folds main cloth
                  basecoat tan x1
                  layer sand x2
                  layer ivory upper x1
                  edge-highlight snow',
            'one coat of grey on grey' => '
                undercoat grey
                area hull hard-edged-panel main armour
                  basecoat mid-grey x1
                  wash black-wash recesses
                  edge-highlight pale-grey',
            'two coats of red over bone' => '
                undercoat bone
                area cloak broad-folds main cloth
                  basecoat red x2
                  wash umber-wash 1:2
                  highlight orange',
            'red, filled, then red again' => '
                undercoat black
                area cloak broad-folds main cloth
                  basecoat red x1
                  basecoat red recesses x1
                  basecoat red x1
                  layer red x3
                  highlight orange',
            'bone armour' => '
                undercoat bone
                area plate hard-edged-panel large armour
                  basecoat ivory x2
                  wash umber-wash recesses
                  edge-highlight snow',
            'steel and black wash' => '
                undercoat black
                area blade hard-edged-panel small metal
                  basecoat steel x1
                  wash black-wash
                  edge-highlight bright-steel
                area hilt tiny-detail speck metal
                  basecoat brass x1
                  wash umber-wash',
            'three one-coats over a zenithal' => '
                undercoat black light bone
                area robe close-folds main cloth touches sash
                  one-coat moss
                area sash close-folds small cloth touches robe
                  one-coat ruby
                area skin skin small skin
                  basecoat skin x1
                  highlight skin-pale',
            'chainmail dusted first, the rest after' => '
                undercoat black
                area mail scales-or-chain medium metal touches tabard
                  drybrush steel
                  wash black-wash
                  drybrush bright-steel x1
                area tabard close-folds large cloth touches mail
                  basecoat red x2
                  wash umber-wash 1:2
                  highlight orange
                order mail-1 mail-2 mail-3 tabard-1 tabard-2 tabard-3',
            'fur in three tones' => '
                undercoat black
                area pelt fur-or-feather main fur
                  basecoat dark-brown x1
                  drybrush brown
                  drybrush tan
                  wash umber-wash',
            'stones and rim' => '
                undercoat black
                area ground rubble medium ground ground
                  basecoat soot x1
                  drybrush mid-grey
                  drybrush pale-grey x1
                  wash umber-wash
                  rim coal',
            'yellow over white, two coats' => '
                undercoat white
                area coat close-folds main cloth
                  basecoat yellow x2
                  wash umber-wash 1:2
                  highlight yellow*2 ivory*1',
            'green skin' => '
                undercoat black
                area skin skin large skin
                  basecoat dark-green x1
                  layer green x2
                  highlight lime*1 green*1
                  edge-highlight lime',
            'leather bags and straps' => '
                undercoat black
                area bags close-folds small leather
                  basecoat leather x1
                  wash umber-wash
                  highlight tan
                area straps close-folds small leather
                  basecoat brown x1
                  edge-highlight leather',
            'wood, grain and wash' => '
                undercoat grey
                area spear rope-or-grain small wood
                  basecoat brown x1
                  drybrush tan
                  wash umber-wash',
            'black armour by its edges' => '
                undercoat black
                area plate hard-edged-panel main armour
                  edge-highlight soot
                  edge-highlight mid-grey
                  dot pale-grey',
            'blue, two lights and an edge' => '
                undercoat grey
                area cloak broad-folds main cloth
                  basecoat blue x2
                  layered-shade navy x2
                  highlight blue*1 sky*1
                  highlight sky x1
                  edge-highlight ice',
            'purple over black' => '
                undercoat black
                area robe close-folds large cloth
                  basecoat purple x2
                  wash black-wash 1:2
                  layer purple x1
                  highlight purple*1 pink*1',
            'orange over red over black' => '
                undercoat black
                area hood close-folds medium cloth
                  basecoat red x2
                  layer orange x1
                  highlight orange*2 ivory*1',
            'skeleton from a bone can' => '
                undercoat bone
                area bones tiny-detail main bone
                  wash umber-wash
                  drybrush ivory',
            'hull sprayed, washed in its joints' => '
                undercoat grey
                area hull smooth-panel main armour
                  spray-layer green
                  spray-layer lime upper
                  wash umber-wash recesses
                  edge-highlight lime',
            'decals in the short form' => '
                undercoat grey
                area hull smooth-panel main armour
                  basecoat blue x2
                  decal setting
                whole
                  matt-coat matt',
            'rust on a grate' => '
                undercoat black
                area grate scales-or-chain medium metal
                  basecoat leather x1
                  effect rust
                  drybrush steel x1',
            'eyes first, then the face' => '
                undercoat grey
                area face skin small skin touches eyes
                  basecoat skin-dark x2
                  layer skin x1
                  highlight skin-pale
                area eyes tiny-detail speck other touches face
                  eye coal x1
                  eye ivory x1
                  eye coal corners x1
                order face-1 eyes-1 eyes-2 eyes-3 face-2 face-3',
            'slime last of all, shining' => '
                undercoat black
                area maw skin small skin
                  basecoat dark-red x1
                  highlight red
                  effect slime
                area hide skin main skin
                  basecoat dark-green x2
                  wash black-wash
                  highlight green
                whole
                  matt-coat matt
                order maw-1 maw-2 hide-1 hide-2 hide-3 whole-1 maw-3',
            'banner with freehand' => '
                undercoat white
                area banner broad-folds large cloth
                  basecoat sand x2
                  wash umber-wash 1:3
                  layer sand x1
                  freehand coal
                  freehand red x2',
            'zenithal, then opaque only on the small things' => '
                undercoat black light bone
                area robe broad-folds main cloth
                  one-coat moss
                  layer lime upper 1:2 x1
                area hands skin small skin
                  basecoat skin x2
                area book hard-edged-panel small leather
                  basecoat dark-red x1',
            'grey in three steps, one coat each' => '
                undercoat black
                area cloak broad-folds main cloth
                  basecoat soot x1
                  layer mid-grey 1:2 x2
                  highlight pale-grey 1:2 x2',
            'navy base under blue, a coat each' => '
                undercoat black
                area trousers close-folds medium cloth
                  basecoat navy x1
                  layer blue x1
                  highlight sky',
            'brown cloak, one coat, one wash, one dust' => '
                undercoat black
                area cloak fur-or-feather large fur
                  basecoat brown x1
                  wash umber-wash
                  drybrush tan x1',
            'basing a machine in metal, then its colour in patches' => '
                undercoat black
                area frame hard-edged-panel main metal touches doors
                  drybrush steel x2
                  wash umber-wash
                area doors hard-edged-panel medium armour touches frame
                  basecoat ochre x2
                  edge-highlight sand
                  chip dark-brown
                order frame-1 frame-2 doors-1 doors-2 doors-3',
            'white from grey' => '
                undercoat grey
                area tabard close-folds large cloth
                  basecoat pale-grey x2
                  wash blue-wash 1:4
                  layer pale-grey*1 snow*1 x2
                  highlight snow',
        ];
    }
}
