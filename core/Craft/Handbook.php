<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What the handbook says besides the techniques: schools, undercoats, words. Each entry stands on its own and is read in a glance. */
final class Handbook
{
    /** @return list<array{id: string, title: string, text: string}> ways of painting an area from the first coat to the last */
    public static function schools(): array
    {
        return self::entries([
            'wash-and-highlight' => [
                'Wash and highlight',
                'Base, a wash all over, the base again on all but the recesses, then two to four lights. Quick to learn, safe on cloth, leather, bone and metal; on smooth panels the wash blotches.',
            ],
            'layer-up' => [
                'Layer up from dark',
                'No wash and no drybrush: the deepest tone everywhere, then shade, main colour and light, each leaving some of the last. Slow and clean; a half-covered rim is the transition.',
            ],
            'zenithal-and-transparents' => [
                'Zenithal and transparents',
                'Light sprayed from above does the shading, thin transparents bring the colour. Fast on folds and scales; opaque paint hides the sketch, and over dark transparents do nothing.',
            ],
            'drybrush-build-up' => [
                'Drybrush build-up',
                'Three to five tones, each lighter and further up, mostly from above. For fur, feathers, scales, rock and worn metal; messy, so before neat work beside it.',
            ],
            'true-metal' => [
                'True metal',
                'Metal paint, a wash, brighter metal on the edges. Black undercoat; tints and matt coats take the sparkle, silver edges bring it back.',
            ],
            'non-metallic-metal' => [
                'Non-metallic metal',
                'Ordinary paints: a lighter upper plane and a darker lower one, a bright line on the ridge, a thin blue glaze. Looks best from one side.',
            ],
            'stippled-undertone' => [
                'Stippled undertone',
                'A brown or magenta tone dabbed on, the colour dabbed over it. For yellow and worn surfaces: the broken tone below makes the colour deep.',
            ],
        ]);
    }

    /** @return list<array{id: string, title: string, text: string}> which undercoat, and how it gets on */
    public static function undercoats(): array
    {
        return self::entries([
            'one-colour' => [
                'One colour covers most of the model',
                'Spray that colour: it is the basecoat, and the recipe begins at the shade. A coloured can rarely equals the pot of the same name: one thin coat of the pot over it makes later touch-ups vanish.',
            ],
            'many-materials' => ['Many materials', 'A neutral mid or light tone: warm ivory under warm schemes, cool white-grey under cool ones.'],
            'weak-colours' => [
                'Yellow, white, red, orange, pink',
                'Light. Never yellow over black: it reads greenish and does not cover. Grey or tan in between saves coats.',
            ],
            'transparents' => ['Self-shading transparents, glazes, inks', 'Light or zenithal. Over dark they do nothing.'],
            'metals' => ['Mostly true metal', 'Black, and no light from above: metal paint hides it and makes its own.'],
            'from-dark' => [
                'Layering from dark, non-metallic metal',
                'Near-black brown or a dark tone; for areas that will be white a light grey.',
            ],
            'zenithal' => [
                'Zenithal',
                'Dark all over, dry, then light from above within about 45 degrees. It shades for thin paints, shows the forms, and a photo of it is the map for the highlights. Light and ground at least 15 apart in value.',
            ],
            'can' => [
                'Spray can',
                'Shake for two minutes, 30 cm away, short bursts that start and end beside the model. Between 10 and 27 °C, in dry weather; paint after an hour, after two or three when it is humid. A bad prime cannot be mended.',
            ],
            'airbrush' => [
                'Airbrush',
                'Any weather, soft detail. A few drops of thinner in the cup first, a thin coat or two, paint after ten minutes.',
            ],
            'brush' => ['By brush', 'No room or bad weather. Slow, thick, brush marks: the last resort.'],
        ]);
    }

    /** @return list<array{id: string, title: string, text: string}> the words of the craft as they are used here */
    public static function words(): array
    {
        return self::entries([
            'area' => ['Area', 'A part of the model that gets one colour scheme: coat, skin, boots, blade.'],
            'batch' => ['Batch', 'The models painted together by one plan. The plan can be painted again by later batches.'],
            'pass' => ['Pass', 'One trip through the whole batch: the same step on every model before the next begins.'],
            'step' => ['Step', 'One stage of one area as it is really carried out: technique, paint, dilution, coats, brush, where.'],
            'strip' => ['Strip', 'What an area looks like after each stage, from recess to edge.'],
            'zone' => ['Zone', 'Recess, lower side, face, raised part, edge: from where shadow sits to where light catches.'],
            'value' => ['Value', 'Lightness alone, 0 to 100. What carries to arm\'s length.'],
            'masstone' => ['Masstone', 'The colour of a film thick enough to hide. Mixed with white it is a tint.'],
            'opacity' => ['Opacity', 'How well one undiluted coat hides what is under it, 0 to 100 %.'],
            'ladder' => ['Ladder', 'The run of colours for an area from deepest shade to last highlight; each is a rung.'],
            'quilt' => [
                'Quilt',
                'The whole scheme at a glance: areas as patches as large as their share. Squinted at, it is grey and blurred as it stands on a table; what runs together there gets lost.',
            ],
            'muster' => ['Muster', 'All plans of a force beside each other: what holds them together, and which falls out.'],
            'key-area' => [
                'Key area',
                'One of the one to three areas that make or break the model, mostly the largest and one eye-catcher. Solve and test those first; the rest falls in line.',
            ],
            'variant' => ['Variant', 'Another recipe for an area, put aside to be tried on a test piece. The one that wins becomes the recipe.'],
            'shared-recipe' => ['Shared recipe', 'One recipe on several areas or plans: a change on one reaches all, until one is cut loose.'],
            'mother-mix' => ['Mother mix', 'One mix walked on: drops are added to what is left of it for the next tone.'],
            'mix' => ['Mix and dilution', 'Paints in whole parts, counted in drops; a dilution adds medium, water or thinner.'],
            'stop' => ['Stop', 'A point at which the models may rest. Table-ready is the one at which they may be used.'],
            'undercoat' => ['Undercoat', 'What primes the whole model: the paint that holds all the rest.'],
            'loose-part' => ['Loose part', 'A piece kept off until late, so that a brush can reach behind it.'],
            'external-shade' => ['External shade', 'A rim of dark undercoat left between areas: it does the lining.'],
            'wet-window' => ['Wet window', 'What must happen while paint is wet, on one model, never as a pass through the batch.'],
        ]);
    }

    /**
     * @param array<string, array{string, string}> $table title and text by id
     *
     * @return list<array{id: string, title: string, text: string}>
     */
    private static function entries(array $table): array
    {
        return array_map(
            static fn(string $id, array $entry): array => ['id' => $id, 'title' => $entry[0], 'text' => $entry[1]],
            array_keys($table),
            array_values($table),
        );
    }
}
