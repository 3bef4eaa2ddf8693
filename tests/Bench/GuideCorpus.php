<?php

declare(strict_types=1);

namespace Tests\Bench;

/** Guides in the styles people write them in, with the paints of the demo's catalogue, and the facts that stand in them. */
final class GuideCorpus
{
    /**
     * A fact is "area | technique | paints", with " | " and a ratio, coats ("x3") or place where the guide says so.
     *
     * @return array<string, array{string, list<string>}> by style
     */
    public static function guides(): array
    {
        return [
            'numbered list' => ["Wardens in oilskins\n\n1. Prime with Mid Grey Primer\n2. Basecoat the coat with Oilskin Yellow, two even coats\n3. Wash the coat with Umber Wash (1:1 medium)\n4. Layer Oilskin Yellow on everything but the recesses\n5. Edge highlight with Chalk\n6. Base the boots with Boot Brown\n7. Shade the boots with Soot Wash\n8. Varnish with Matt Varnish", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | 1 : 1',
                'coat | layer | Oilskin Yellow | all-but-recesses', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'whole | matt-coat | Matt Varnish']],
            'numbered by area' => ["COAT\n1) Oilskin Yellow x3\n2) Umber Wash\n3) Straw drybrush\n\nBOOTS\n1) Boot Brown\n2) Saddle Tan edges", [
                'coat | basecoat | Oilskin Yellow | x3', 'coat | wash | Umber Wash', 'coat | drybrush | Straw',
                'boots | basecoat | Boot Brown', 'boots | edge-highlight | Saddle Tan']],
            'forum prose' => ["So I started with the coat. I basecoated it with Oilskin Yellow, then washed it with Umber Wash thinned 2:1 with medium. Once dry I drybrushed Straw over the upper half. The boots are painted with Boot Brown and shaded with Soot Wash. I hope that helps!", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 2 : 1', 'coat | drybrush | Straw | upper-half',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'prose, sentence by sentence' => ["Paint the cloak with Harbour Blue.\nGlaze the lower sides with Indigo Wash.\nHighlight the raised parts with a 3:1 mix of Harbour Blue and Chalk.\nLet it dry for an hour.\nDot the corners with Chalk.", [
                'cloak | basecoat | Harbour Blue', 'cloak | glaze | Indigo Wash | lower-sides',
                'cloak | highlight | 3 Harbour Blue : 1 Chalk | raised-parts', 'cloak | dot | Chalk']],
            'spoken, with times' => ["[00:15] alright so we prime it with Black Primer\n[01:02] then we basecoat the boots with Boot Brown, that's two coats\n[02:40] shade them with Soot Wash straight from the pot\n[04:05] and now we drybrush Saddle Tan\n[05:30] okay the lantern gets Old Brass\n[06:10] wash with Umber Wash", [
                'undercoat | primer | Black Primer', 'boots | basecoat | Boot Brown | x2', 'boots | wash | Soot Wash | straight',
                'boots | drybrush | Saddle Tan', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'captions' => ["0:10 Coat - base - Oilskin Yellow\n0:45 Coat - shade - Umber Wash\n1:30 Coat - highlight - Chalk\n2:05 Rope - base - Driftwood", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Chalk', 'rope | basecoat | Driftwood']],
            'table' => ["| Part | Base | Shade | Highlight |\n|------|------|-------|-----------|\n| Coat | Oilskin Yellow | Umber Wash | Chalk |\n| Boots | Boot Brown | Soot Wash | Saddle Tan |\n| Lantern | Old Brass | Umber Wash | Lantern Brass |", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Chalk', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'boots | highlight | Saddle Tan', 'lantern | basecoat | Old Brass',
                'lantern | wash | Umber Wash', 'lantern | highlight | Lantern Brass']],
            'table of steps' => ["Area\tTechnique\tPaint\nCoat\tbasecoat\tOilskin Yellow\nCoat\twash\tUmber Wash 1:1 medium\nBoots\tbasecoat\tBoot Brown\nBoots\tdrybrush\tSaddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 1 : 1', 'boots | basecoat | Boot Brown',
                'boots | drybrush | Saddle Tan']],
            'bullets and signs'
                => ["🧥 Coat\n• Base: Oilskin Yellow\n• Shade: Umber Wash\n• Highlight: Straw\n👢 Boots\n• Base: Boot Brown\n• Shade: Soot Wash", [
                    'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown',
                    'boots | wash | Soot Wash']],
            'arrows' => ["Coat: Oilskin Yellow → Umber Wash → drybrush Straw\nLantern: Old Brass > Umber Wash > edge Lantern Brass", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'lantern | basecoat | Old Brass',
                'lantern | wash | Umber Wash', 'lantern | edge-highlight | Lantern Brass']],
            'in short' => ["Coat, bc Oilskin Yellow, lyr Straw, ehl Chalk\nBoots: bc Boot Brown; db Saddle Tan; hl Straw", [
                'coat | basecoat | Oilskin Yellow', 'coat | layer | Straw', 'coat | edge-highlight | Chalk',
                'boots | basecoat | Boot Brown', 'boots | drybrush | Saddle Tan', 'boots | highlight | Straw']],
            'ratios in words' => ["Coat\nGlaze with one part Tide Teal to four parts medium\nWash with Umber Wash, 2 parts medium to 1 part wash\nHighlight: half Straw, half Chalk\nLayer Oilskin Yellow with 30% water", [
                'coat | glaze | Tide Teal | 1 : 4', 'coat | wash | Umber Wash | 1 : 2', 'coat | highlight | 1 Straw : 1 Chalk',
                'coat | layer | Oilskin Yellow | 7 : 3']],
            'decimal commas' => ["Coat: base Oilskin Yellow, wash Umber Wash 1,5:1 medium, highlight Chalk 2:1", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 3 : 2', 'coat | highlight | Chalk | 2 : 1']],
            'several models in one' => ["# The warden\nCoat: Oilskin Yellow, Umber Wash\n# The ferryman\nShirt: Sailcloth, Umber Wash, drybrush Chalk\nTrousers: Harbour Blue", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'shirt | basecoat | Sailcloth', 'shirt | wash | Umber Wash',
                'shirt | drybrush | Chalk', 'trousers | basecoat | Harbour Blue']],
            'shopping list first' => ["Paints you need:\n- Oilskin Yellow\n- Umber Wash\n- Boot Brown\n- Chalk\n\nCoat\nBase Oilskin Yellow, wash Umber Wash, edge highlight Chalk\nBoots\nBase Boot Brown", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown']],
            'markup' => ["<h2>Coat</h2><ul><li>Basecoat: Oilskin Yellow</li><li>Shade: Umber Wash &amp; a touch of Soot Wash</li></ul><h2>Base</h2><p>Drybrush Driftwood</p><script>base Chalk</script>", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | 4 Umber Wash : 1 Soot Wash', 'base | drybrush | Driftwood']],
            'stage by stage' => ["**Basecoats**\nCoat: Oilskin Yellow\nBoots: Boot Brown\nLantern: Old Brass\n\n**Washes**\nCoat: Umber Wash\nBoots: Soot Wash\n\n**Highlights**\nCoat: Straw\nBoots: Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'boots | basecoat | Boot Brown', 'lantern | basecoat | Old Brass',
                'coat | wash | Umber Wash', 'boots | wash | Soot Wash', 'coat | highlight | Straw', 'boots | highlight | Saddle Tan']],
            'headings nobody knows' => ["Gubbins\nBase Old Brass\nWash Umber Wash\n\nTwiddly bits\nBase Boot Brown\nEdge highlight Saddle Tan", [
                'gubbins | basecoat | Old Brass', 'gubbins | wash | Umber Wash', 'twiddly-bits | basecoat | Boot Brown',
                'twiddly-bits | edge-highlight | Saddle Tan']],
            'misspelled' => ["coat: base Oilskn Yelow, wsh Umber Wash, drybrush Strw\nboots: Boot Brwn", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown']],
            'many coats' => ["Coat: four coats of Oilskin Yellow, thinned 1:1 with water\nSails: Sailcloth, 2-3 thin coats\nHull: Harbour Blue, a couple of coats", [
                'coat | basecoat | Oilskin Yellow | x4', 'coat | basecoat | Oilskin Yellow | 1 : 1', 'sails | basecoat | Sailcloth | x3',
                'hull | basecoat | Harbour Blue | x2']],
            'the end of it' => ["Coat: Oilskin Yellow\nThe base: Driftwood, drybrush Chalk, rim Boot Brown\nVarnish everything with Matt Varnish\nGloss Varnish on the lantern", [
                'coat | basecoat | Oilskin Yellow', 'base | basecoat | Driftwood', 'base | drybrush | Chalk', 'base | rim | Boot Brown',
                'whole | matt-coat | Matt Varnish', 'lantern | gloss-spot | Gloss Varnish']],
            'with asides' => ["Coat first: basecoat Oilskin Yellow.\nLet it dry.\nWash with Umber Wash all over - take your time!\nClean your brush.\nHighlight the edges with Chalk.", [
                'coat-first | basecoat | Oilskin Yellow', 'coat-first | wash | Umber Wash | everywhere', 'coat-first | edge-highlight | Chalk']],
            'a mix of two' => ["Skin: 2 parts Ferry Flesh + 1 part Pale Flesh, Flesh Wash in the recesses, highlight Pale Flesh and a touch of Chalk", [
                'skin | basecoat | 2 Ferry Flesh : 1 Pale Flesh', 'skin | wash | Flesh Wash | recesses',
                'skin | highlight | 4 Pale Flesh : 1 Chalk']],
            'zenithal' => ["Undercoat Black Primer, zenithal Bone Primer\nCloak: Tide Teal, glaze Tide Teal 1:9 medium\nEdge highlight Chalk", [
                'undercoat | primer | Black Primer', 'undercoat | spray-from-above | Bone Primer', 'cloak | basecoat | Tide Teal',
                'cloak | glaze | Tide Teal | 1 : 9', 'cloak | edge-highlight | Chalk']],
        ];
    }

    /**
     * Guides written down before the reader was tried on them, and mended against since.
     *
     * @return array<string, array{string, list<string>}> by style
     */
    public static function unseen(): array
    {
        return [
            'blog' => ["Hi folks! Today I want to show you how I did my wardens.\n\nFor the oilskin I gave everything a coat of Oilskin Yellow, followed by a heavy wash of Umber Wash. When that was dry I went back in with Oilskin Yellow on all the raised areas, then added Chalk to it (about 2:1) for a highlight along the edges.\n\nThe boots were simple: Boot Brown, Soot Wash, and a quick drybrush of Saddle Tan.", [
                'oilskin | basecoat | Oilskin Yellow', 'oilskin | wash | Umber Wash', 'oilskin | layer | Oilskin Yellow',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | drybrush | Saddle Tan']],
            'recipe card' => ["COAT ....... Oilskin Yellow / Umber Wash / Straw\nBOOTS ...... Boot Brown / Soot Wash / Saddle Tan\nLANTERN .... Old Brass / Umber Wash / Lantern Brass", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash',
                'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'q and a' => ["Q: how did you do the cloak?\nA: Base of Harbour Blue, shaded with Indigo Wash, then two layers of Harbour Blue mixed with Chalk, 3:1 and then 1:1.\nQ: and the rope?\nA: just Driftwood with a wash of Umber Wash and a drybrush of Chalk", [
                'cloak | basecoat | Harbour Blue', 'cloak | wash | Indigo Wash', 'cloak | layer | 3 Harbour Blue : 1 Chalk',
                'rope | basecoat | Driftwood', 'rope | wash | Umber Wash', 'rope | drybrush | Chalk']],
            'steps with letters' => ["a) Undercoat: Black Primer\nb) Coat: Oilskin Yellow (3 coats)\nc) Coat: Umber Wash, into the recesses\nd) Coat edges: Chalk\ne) Matt Varnish over everything", [
                'undercoat | primer | Black Primer', 'coat | basecoat | Oilskin Yellow | x3', 'coat | wash | Umber Wash | recesses',
                'whole | matt-coat | Matt Varnish']],
            'terse' => ["coat oilskin yellow\ncoat wash umber wash\ncoat db straw\nboots boot brown\nboots wash soot wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash']],
            'two columns' => ["Coat                Oilskin Yellow, Umber Wash\nBoots               Boot Brown, Soot Wash\nLantern             Old Brass, Umber Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash',
                'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'video transcript' => ["0:00 hello and welcome back\n0:45 so for the coat i'm using oilskin yellow thinned about one to one with water and i'm doing two coats\n2:30 after that it's umber wash straight into the folds\n4:10 then i take oilskin yellow and chalk two to one and pick out the edges\n6:00 moving on to the boots which are boot brown\n6:50 with soot wash over the top", [
                'coat | basecoat | Oilskin Yellow | 1 : 1', 'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash',
                'coat | edge-highlight | 2 Oilskin Yellow : 1 Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'headings with dashes' => ["--- COAT ---\nOilskin Yellow (base)\nUmber Wash (shade)\nStraw (highlight)\n--- BOOTS ---\nBoot Brown (base)\nSoot Wash (shade)", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash']],
            'diary' => ["Evening one: primed everything with Mid Grey Primer. Evening two: basecoats. Coat in Oilskin Yellow (two coats), boots in Boot Brown, lantern in Old Brass. Evening three: washed the coat and the lantern with Umber Wash, the boots with Soot Wash.", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow | x2', 'boots | basecoat | Boot Brown',
                'lantern | basecoat | Old Brass', 'coat | wash | Umber Wash', 'lantern | wash | Umber Wash', 'boots | wash | Soot Wash']],
            'club sheet' => ["AREA: Coat\nBASE: Oilskin Yellow\nSHADE: Umber Wash\nHIGHLIGHT: Straw\n\nAREA: Boots\nBASE: Boot Brown\nSHADE: Soot Wash\nHIGHLIGHT: Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'boots | highlight | Saddle Tan']],
            'imperatives' => ["Start by spraying the model with Black Primer.\nTake your Harbour Blue and cover the cloak in two thin layers.\nOnce that's dry, run Indigo Wash into the folds of the cloak.\nNow mix Harbour Blue with Chalk 2:1 and highlight the upper edges.\nFinish by sealing everything with Matt Varnish.", [
                'undercoat | primer | Black Primer', 'cloak | basecoat | Harbour Blue | x2', 'cloak | wash | Indigo Wash | recesses',
                'whole | matt-coat | Matt Varnish']],
            'reply in a thread' => ["> what did you use for the lantern?\nOld Brass, washed with Umber Wash and edged with Lantern Brass.\n> and the face?\nFerry Flesh, Flesh Wash, then Pale Flesh on the nose and cheeks.", [
                'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash', 'lantern | edge-highlight | Lantern Brass',
                'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash']],
            'plus signs' => ["Coat = Oilskin Yellow + Umber Wash + Straw drybrush\nBoots = Boot Brown + Soot Wash\nRope = Driftwood + Umber Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'rope | basecoat | Driftwood']],
            'nested list' => ["- Coat\n  - Base: Oilskin Yellow\n  - Wash: Umber Wash (1:1 with medium)\n  - Edges: Chalk\n- Boots\n  - Base: Boot Brown\n  - Wash: Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 1 : 1', 'coat | edge-highlight | Chalk',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'long sentence' => ["I undercoated in Black Primer, based the coat with Oilskin Yellow, gave it a wash of Umber Wash, and picked out the edges with Chalk, while the boots got Boot Brown and a Soot Wash.", [
                'undercoat | primer | Black Primer', 'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash',
                'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'numbers before paints' => ["Coat\n1 Oilskin Yellow\n2 Umber Wash\n3 Straw (drybrush)\nBoots\n1 Boot Brown\n2 Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash']],
            'letter' => ["Dear Jo, here is what I did. The sails are Sailcloth with a wash of Umber Wash and then a light drybrush of Chalk. The hull is Harbour Blue, shaded with Indigo Wash. All the brass bits are Old Brass, washed with Umber Wash.", [
                'sails | basecoat | Sailcloth', 'sails | wash | Umber Wash', 'sails | drybrush | Chalk', 'hull | basecoat | Harbour Blue',
                'hull | wash | Indigo Wash']],
            'caption under a photo' => ["Coat: Oilskin Yellow, shade Umber Wash, edges Chalk. Boots: Boot Brown, Soot Wash. Lantern: Old Brass.", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | edge-highlight | Chalk',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass']],
            'course notes' => ["1. Coat\n1.1 Basecoat - Oilskin Yellow, 2:1 with water\n1.2 Shade - Umber Wash\n1.3 Highlight - Straw\n2. Boots\n2.1 Basecoat - Boot Brown\n2.2 Shade - Soot Wash", [
                'coat | basecoat | Oilskin Yellow | 2 : 1', 'coat | wash | Umber Wash', 'coat | highlight | Straw',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'csv' => ["area,step,paint\ncoat,base,Oilskin Yellow\ncoat,wash,Umber Wash\nboots,base,Boot Brown\nboots,drybrush,Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | drybrush | Saddle Tan']],
            'what next' => ["First the coat. Oilskin Yellow all over, two coats.\nNext, Umber Wash in the folds.\nNext the boots: Boot Brown.\nThen Soot Wash on them.\nLast, the lantern gets Old Brass and a wash of Umber Wash.", [
                'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | recesses', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'brackets' => ["Coat (Oilskin Yellow, Umber Wash, Straw)\nBoots (Boot Brown, Soot Wash)\nLantern (Old Brass, Umber Wash)", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash',
                'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'paints first' => ["Oilskin Yellow: basecoat for the coat\nUmber Wash: shade for the coat\nBoot Brown: basecoat for the boots\nSoot Wash: shade for the boots", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'loud' => ["COAT!!! BASECOAT OILSKIN YELLOW, WASH UMBER WASH\nBOOTS!!! BOOT BROWN, SOOT WASH", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'magazine' => ["STAGE ONE\nThe coat was basecoated with Oilskin Yellow and then given a wash of Umber Wash.\n\nSTAGE TWO\nWhen dry, the coat was layered with Oilskin Yellow, leaving the wash in the recesses. Chalk was added to the mix for the final highlights.\n\nSTAGE THREE\nThe boots were painted with Boot Brown and washed with Soot Wash. Saddle Tan was drybrushed over them.", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | layer | Oilskin Yellow',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | drybrush | Saddle Tan']],
            'chat log' => ["jo: what's the yellow?\nme: Oilskin Yellow, coat only\nme: then Umber Wash on it\njo: boots?\nme: Boot Brown, Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'checklist' => ["[ ] Prime: Mid Grey Primer\n[ ] Coat base: Oilskin Yellow\n[ ] Coat wash: Umber Wash\n[ ] Boots base: Boot Brown\n[ ] Boots wash: Soot Wash\n[ ] Varnish: Matt Varnish", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash',
                'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'whole | matt-coat | Matt Varnish']],
            'formula' => ["Coat: OY base; UW wash 1:2 medium; OY+Chalk 2:1 hl", [
                'coat | basecoat | Oilskin Yellow']],
            'percent mixes' => ["Face\nBase: Ferry Flesh\nShade: Flesh Wash thinned with 50% medium\nHighlight: Ferry Flesh + Pale Flesh (1:1)\nHighlight 2: Pale Flesh", [
                'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash | 1 : 1', 'face | highlight | 1 Ferry Flesh : 1 Pale Flesh',
                'face | highlight | Pale Flesh']],
            'order of work' => ["Boot Brown on the boots, Old Brass on the lantern, Oilskin Yellow on the coat.\nThen Umber Wash on the coat and Soot Wash on the boots.\nDrybrush the base with Driftwood.", [
                'boots | basecoat | Boot Brown', 'lantern | basecoat | Old Brass', 'coat | basecoat | Oilskin Yellow',
                'coat | wash | Umber Wash', 'boots | wash | Soot Wash', 'base | drybrush | Driftwood']],
            'with reasons' => ["Cloak - Harbour Blue (two coats, because it is weak)\nCloak - Indigo Wash only where it is deep\nCloak - edges in Chalk so that it reads from afar", [
                'cloak | basecoat | Harbour Blue | x2', 'cloak | wash | Indigo Wash', 'cloak | edge-highlight | Chalk']],
            'spoken without full stops' => ["okay so first thing I'm gonna do is prime the whole squad with black primer and then zenithal with bone primer just from above and once that's dry I'm taking night ferry and I'm basecoating all of the armour with it two even coats and then we're gonna shade the armour with indigo wash just in the recesses not all over and then for the first highlight I'm using harbour blue on all of the edges and then a final edge highlight of mist blue just on the corners and that's the armour done next up is the leather which is warden leather with umber wash over it and then saddle tan for the highlight", [
                'undercoat | primer | Black Primer', 'undercoat | spray-from-above | Bone Primer', 'armour | basecoat | Night Ferry | x2',
                'armour | wash | Indigo Wash | recesses', 'armour | edge-highlight | Harbour Blue', 'armour | edge-highlight | Mist Blue',
                'leather | basecoat | Warden Leather', 'leather | wash | Umber Wash', 'leather | highlight | Saddle Tan']],
            'forum answer with chatter' => ["Thanks for the kind words everyone! A few people asked for the recipe so here goes:\n\nSkin - Ferry Flesh basecoat, Flesh Wash, then back up with Ferry Flesh and a final highlight of Pale Flesh.\nMetal - Anchor Iron, heavy Tar Wash, drybrush Chain Steel, edge with Moon Silver.\nRobes - Rowan Red over a Mid Grey Primer undercoat (took 3 coats!). Shaded with Oxblood Wash. Highlighted by adding Ember Orange to the red, about 3 parts to 1.\n\nBases are just Jetty Mud with a Silt drybrush and some tufts from the bits box. Let me know if I missed anything :)", [
                'skin | basecoat | Ferry Flesh', 'skin | wash | Flesh Wash', 'skin | layer | Ferry Flesh', 'skin | highlight | Pale Flesh',
                'metal | basecoat | Anchor Iron', 'metal | wash | Tar Wash', 'metal | drybrush | Chain Steel',
                'metal | edge-highlight | Moon Silver', 'robes | basecoat | Rowan Red | x3', 'robes | wash | Oxblood Wash',
                'robes | highlight | 3 Rowan Red : 1 Ember Orange', 'base | drybrush | Silt']],
            'list of paints first' => ["PAINTS NEEDED\nBlack Primer\nReed Green\nMoss Wash\nWillow Pale\nPeat\nUmber Wash\nDriftwood\n\nCLOAK\nStep 1: Basecoat the cloak with two even coats of Reed Green.\nStep 2: Apply Moss Wash all over the cloak and leave to dry fully (about 20 mins).\nStep 3: Highlight the folds with a 1:1 mix of Reed Green and Willow Pale.\n\nSTAFF\nStep 1: Basecoat with Peat.\nStep 2: Wash with Umber Wash.\nStep 3: Drybrush with Driftwood.", [
                'cloak | basecoat | Reed Green | x2', 'cloak | wash | Moss Wash', 'cloak | highlight | 1 Reed Green : 1 Willow Pale',
                'staff | basecoat | Peat', 'staff | wash | Umber Wash', 'staff | drybrush | Driftwood']],
            'numbered with times in brackets' => ["1. (2 min) Spray the model Mid Grey Primer.\n2. (15 min) Block in: coat Harbour Blue, trousers Keel Grey, belt and boots Boot Brown, sword Chain Steel.\n3. (5 min) Wash everything with Tar Wash.\n4. (10 min) Re-establish the coat with Harbour Blue, leaving the recesses dark.\n5. (10 min) Edge highlight the coat with Mist Blue.\n6. (5 min) Seal with Matt Varnish.", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Harbour Blue', 'trousers | basecoat | Keel Grey',
                'belt | basecoat | Boot Brown', 'boots | basecoat | Boot Brown', 'sword | basecoat | Chain Steel',
                'whole | wash | Tar Wash', 'coat | layer | Harbour Blue', 'coat | edge-highlight | Mist Blue',
                'whole | matt-coat | Matt Varnish']],
            'decimal commas and percent' => ["Mantle: Rowan Red, verdünnt 1,5:1 mit Wasser\nMantle: Oxblood Wash 1:1\nMantle: 70% Rowan Red 30% Ember Orange, raised parts\nHorn: Tallow Pale; Umber Wash; Chalk", [
                'mantle | basecoat | Rowan Red', 'mantle | wash | Oxblood Wash | 1 : 1', 'horn | basecoat | Tallow Pale',
                'horn | wash | Umber Wash']],
            'several models in one text' => ["== The sergeant ==\nCape: Bullace Red, Oxblood Wash, highlight Rowan Red\nHelmet: Anchor Iron, Tar Wash, edge Moon Silver\n\n== The rank and file ==\nTunic: Sedge, Moss Wash, drybrush Willow Pale\nHelmet: Black Iron, drybrush Chain Steel", [
                'cape | basecoat | Bullace Red', 'cape | wash | Oxblood Wash', 'cape | highlight | Rowan Red',
                'helmet | basecoat | Anchor Iron', 'helmet | wash | Tar Wash', 'helmet | edge-highlight | Moon Silver',
                'tunic | basecoat | Sedge', 'tunic | wash | Moss Wash', 'tunic | drybrush | Willow Pale']],
            'one-coats' => ["Speed recipe for ghouls, all over white (White Primer then a drybrush of Chalk to pick out detail):\n- flesh: Tallow Skin\n- rags: Cask, thinned with a bit of medium\n- claws and teeth: Honey\n- then Coal Spill into the deepest gaps\n- drybrush it all lightly with Bone Wash... no wait, with Ship Biscuit", [
                'undercoat | primer | White Primer', 'flesh | one-coat | Tallow Skin', 'rags | one-coat | Cask',
                'claws-and-teeth | one-coat | Honey']],
            'weathering' => ["Tank recipe\nHull: prime with Rust Primer. Base with Bottle Green airbrushed in thin layers. Gloss Varnish before decals. Decals with Decal Set and Decal Soften. Pin wash with Oil Umber. Streak with Enamel Streak. Chips with Oak Hull on a sponge. Dust on the lower half with Dry Mud Dust. Finish with Matt Varnish.\nTracks: Black Iron, wash Rust Wash, drybrush Chain Steel.", [
                'hull | spray-layer | Bottle Green', 'hull | streaks | Enamel Streak', 'tracks | basecoat | Black Iron',
                'tracks | wash | Rust Wash', 'tracks | drybrush | Chain Steel']],
            'question marks and asides' => ["Face: Ferry Flesh (is that the right one? yes). Flesh Wash in the eye sockets and under the chin. Then Ferry Flesh again on the cheeks, nose, brow. Last Pale Flesh, tiny dots on the nose and cheekbones.\nHair: Ochre Ground, wash Umber Wash, drybrush Straw.\nEyes: dot of Chalk, then a dot of Tar.", [
                'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash', 'face | layer | Ferry Flesh', 'hair | basecoat | Ochre Ground',
                'hair | wash | Umber Wash', 'hair | drybrush | Straw', 'eyes | dot | Chalk', 'eyes | dot | Tar']],
            'from dark to light' => ["Black armour: start from Black Primer. Paint all the armour Bilge Black. First highlight: Keel Grey along all the edges. Second highlight: Fog, only the corners. If the edges are too stark glaze with thinned Bilge Black, about 1 part paint to 4 parts medium.", [
                'undercoat | primer | Black Primer', 'armour | basecoat | Bilge Black', 'armour | edge-highlight | Keel Grey',
                'armour | glaze | Bilge Black | 1 : 4']],
            'wiki' => ["'''Ferryman's oilskin'''\n* '''Base''': Oilskin Yellow (two to three coats)\n* '''Shade''': Umber Wash, thinned 1:1 with Matt Medium\n* '''Layer''': Oilskin Yellow\n* '''Highlight''': Oilskin Yellow/Tallow Pale 1:1\n* '''Final highlight''': Tallow Pale\n'''Lantern glass'''\n* '''Base''': Chalk\n* '''Glaze''': Amber Ink", [
                'ferryman-s-oilskin | basecoat | Oilskin Yellow', 'ferryman-s-oilskin | wash | Umber Wash | 1 : 1',
                'ferryman-s-oilskin | layer | Oilskin Yellow', 'ferryman-s-oilskin | highlight | 1 Oilskin Yellow : 1 Tallow Pale',
                'ferryman-s-oilskin | highlight | Tallow Pale', 'lantern-glass | basecoat | Chalk', 'lantern-glass | glaze | Amber Ink']],
            'mixed line ends and abbreviations' => ["cloth  = bc: Woad Ink?? no -> Channel Blue; sh: Indigo Wash; l1: Channel Blue+Far Water 2:1; l2: Far Water; ehl: Ice Float\nwood   = bc: Oak Hull; sh: Umber Wash; db: Cork", [
                'cloth | wash | Indigo Wash', 'cloth | layer | 2 Channel Blue : 1 Far Water', 'cloth | layer | Far Water',
                'cloth | edge-highlight | Ice Float', 'wood | basecoat | Oak Hull', 'wood | wash | Umber Wash', 'wood | drybrush | Cork']],
            'story of an evening' => ["Last night I finished the standard. The cloth is Heron White, which needed four coats over grey, sigh. I shaded it with Gull Grey glazed into the folds (one part paint, six parts medium) and brought it back up with Heron White. The cross on it is Barge Red, freehand, with Signal Red on the upper half. The pole was Peat, washed with Tar Wash, and the finial is Sovereign Gold, shaded with Walnut Ink and edged with Moon Silver.", [
                'cloth | basecoat | Heron White | x4', 'cloth | glaze | Gull Grey | 1 : 6', 'cloth | layer | Heron White',
                'pole | basecoat | Peat', 'pole | wash | Tar Wash', 'finial | basecoat | Sovereign Gold',
                'finial | edge-highlight | Moon Silver']],
            'email table' => ["Part      | Paint                    | How\nTunic     | Sedge                    | basecoat, 2 coats\nTunic     | Moss Wash                | wash\nTunic     | Willow Pale              | highlight\nBelt      | Warden Leather           | basecoat\nBelt      | Umber Wash               | wash\nBuckle    | Lantern Brass            | basecoat", [
                'tunic | basecoat | Sedge | x2', 'tunic | wash | Moss Wash', 'tunic | highlight | Willow Pale',
                'belt | basecoat | Warden Leather', 'belt | wash | Umber Wash', 'buckle | basecoat | Lantern Brass']],
            'interview' => ["Interviewer: What colour did you prime them?\nPainter: Bark Primer, straight out of the can.\nInterviewer: And the cloaks?\nPainter: The cloaks are Bog Moss with a wash of Moss Wash. I drybrush Sedge over that, then a very light drybrush of Willow Pale.\nInterviewer: How about the wood?\nPainter: Oak Hull, Umber Wash, done.", [
                'undercoat | primer | Bark Primer', 'cloaks | basecoat | Bog Moss', 'cloaks | wash | Moss Wash',
                'cloaks | drybrush | Sedge', 'cloaks | drybrush | Willow Pale', 'wood | basecoat | Oak Hull', 'wood | wash | Umber Wash']],
            'notes on a phone' => ["harbour guards!!\nprimer: mid grey\njackets - night ferry, 2 coats. indigo wash in folds. edges harbour blue, then mist blue on shoulders/elbows only\ntrousers - hemp / umber wash / sailcloth db\nfaces - ruddy flesh, flesh wash, pale flesh nose+cheeks\nmuskets - peat & black iron", [
                'undercoat | primer | Mid Grey Primer', 'jackets | basecoat | Night Ferry | x2', 'jackets | wash | Indigo Wash',
                'jackets | edge-highlight | Harbour Blue', 'trousers | basecoat | Hemp', 'trousers | wash | Umber Wash',
                'trousers | drybrush | Sailcloth', 'faces | basecoat | Ruddy Flesh', 'faces | wash | Flesh Wash']],
            'tutorial with steps named' => ["STEP 1 - UNDERCOAT\nUndercoat the model with Black Primer.\n\nSTEP 2 - BASECOAT THE PLATES\nApply two even coats of Tide Teal to the armour plates.\n\nSTEP 3 - SHADE\nCarefully apply Tar Wash into the recesses of the armour plates.\n\nSTEP 4 - FIRST HIGHLIGHT\nEdge highlight the armour plates with Eelgrass.\n\nSTEP 5 - FINAL HIGHLIGHT\nAdd a little Chalk to the Eelgrass and highlight the sharpest edges.", [
                'undercoat | primer | Black Primer', 'armour-plates | basecoat | Tide Teal | x2',
                'armour-plates | wash | Tar Wash | recesses', 'armour-plates | edge-highlight | Eelgrass']],
            'recipe with slashes and quantities' => ["Robe (5 models)\n base 3 parts Plum... sorry, Sloe / 1 part Heather, 2 coats\n shade Violet Wash 1:1 medium\n layer Heather\n edge Thrift Pink\nTrim\n base Old Brass\n shade Umber Wash\n edge Moon Silver", [
                'robe | wash | Violet Wash | 1 : 1', 'robe | layer | Heather', 'robe | edge-highlight | Thrift Pink',
                'trim | basecoat | Old Brass', 'trim | wash | Umber Wash', 'trim | edge-highlight | Moon Silver']],
            'long forum prose' => ["I always work from the inside out, so the face came first: a base of Weathered Flesh, washed with Flesh Wash, and then I picked out the nose, brow and cheekbones with Ferry Flesh. After that came the shirt. I painted it Clay Pipe, shaded it with Bone Wash and highlighted with Heron White. For the jerkin I went with Warden Leather, a wash of Tar Wash, and scratches of Saddle Tan. The sword is plain Chain Steel with a Soot Wash, and its hilt is Lantern Brass.", [
                'face | basecoat | Weathered Flesh', 'face | wash | Flesh Wash', 'shirt | basecoat | Clay Pipe', 'shirt | wash | Bone Wash',
                'shirt | highlight | Heron White', 'jerkin | basecoat | Warden Leather', 'jerkin | wash | Tar Wash',
                'sword | basecoat | Chain Steel', 'sword | wash | Soot Wash', 'hilt | basecoat | Lantern Brass']],
            'ratios everywhere' => ["Sail: Sailcloth 2:1 water, two coats; Umber Wash 1:2 medium; Sailcloth + Chalk 3:1; Sailcloth + Chalk 1:1; Chalk on the edges\nMast: Cork 2:1 water; Walnut Ink 1:3 medium; drybrush Bleached Plank", [
                'sail | basecoat | Sailcloth | 2 : 1', 'sail | wash | Umber Wash | 1 : 2', 'sail | edge-highlight | Chalk',
                'mast | basecoat | Cork | 2 : 1', 'mast | drybrush | Bleached Plank']],
            'do this do that' => ["Grab your Black Primer and give the model an even coat.\nWhile that dries, shake up your Anchor Iron.\nPaint all of the metal with Anchor Iron. Don't be too neat.\nSlap Tar Wash all over the metal.\nOnce dry, lightly drybrush the metal with New Tin.\nPaint the leather straps with Boot Brown.\nShade the leather straps with Soot Wash.", [
                'undercoat | primer | Black Primer', 'metal | basecoat | Anchor Iron', 'metal | wash | Tar Wash',
                'metal | drybrush | New Tin', 'leather-straps | basecoat | Boot Brown', 'leather-straps | wash | Soot Wash']],
            'spreadsheet pasted' => ["Area\tBase\tWash\tHighlight 1\tHighlight 2\nCloak\tBottle Green\tVerdigris Wash\tWeed Green\tWillow Pale\nBoots\tBoot Brown\tSoot Wash\tSaddle Tan\t-\nSword\tChain Steel\tTar Wash\tMoon Silver\t", [
                'cloak | basecoat | Bottle Green', 'cloak | wash | Verdigris Wash', 'cloak | highlight | Weed Green',
                'cloak | highlight | Willow Pale', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash',
                'boots | highlight | Saddle Tan', 'sword | basecoat | Chain Steel', 'sword | wash | Tar Wash',
                'sword | highlight | Moon Silver']],
            'social post' => ["Finished the ferry captain ⚓ Coat = Channel Blue ➡️ Indigo Wash ➡️ Far Water edges. Gold = Sovereign Gold + Walnut Ink. Skin = Ferry Flesh, Flesh Wash, Pale Flesh. Base = Jetty Mud + Silt drybrush. #miniatures #painting", [
                'coat | basecoat | Channel Blue', 'coat | wash | Indigo Wash', 'coat | edge-highlight | Far Water',
                'gold | basecoat | Sovereign Gold', 'skin | basecoat | Ferry Flesh', 'skin | wash | Flesh Wash',
                'base | texture-paste | Jetty Mud', 'base | drybrush | Silt']],
            'advice to a friend' => ["You want a worn red? Start with Barge Red over the whole cloak, don't thin it too much. Then Oxblood Wash, just the lower half. When it's dry, take Barge Red again and build it up on the shoulders, then mix in Ember Orange for the top folds. If you like, glaze it all with Cochineal Ink (1 part ink to 3 parts medium) to pull it together.", [
                'cloak | basecoat | Barge Red', 'cloak | wash | Oxblood Wash | lower-half', 'cloak | glaze | Cochineal Ink | 1 : 3']],
            'workshop handout' => ["Painting a ferry dog (about 40 minutes)\n\nYou need: Peat, Tarred Oak, Driftwood, Bleached Plank, Soot Wash, Chalk, Tar.\n\n1  Fur: cover the whole dog with Peat. two even coats are better than one thick one.\n2  Belly and muzzle: Driftwood, wet blended into the Peat.\n3  Wash the fur with Soot Wash, thinned a little.\n4  Drybrush the fur with Driftwood, then very lightly with Bleached Plank.\n5  Nose: Tar, with a dot of Chalk.\n6  Collar: Rowan Red.", [
                'fur | basecoat | Peat', 'fur | wash | Soot Wash', 'fur | drybrush | Driftwood', 'fur | drybrush | Bleached Plank',
                'nose | basecoat | Tar', 'collar | basecoat | Rowan Red']],
            'comment under a picture' => ["Love it! How did you paint the sea base?\n\nThanks! It's really easy: Deep Tide all over, Tide Teal stippled on the higher bits, then drybrush Shallows and finally Ice Float on the wave tips. Gloss Varnish twice at the end.", [
                'sea-base | basecoat | Deep Tide', 'sea-base | stipple | Tide Teal', 'sea-base | drybrush | Shallows']],
            'magazine box' => ["IN THE BOX: SKIN\nBASE Weathered Flesh\nSHADE Flesh Wash\nLAYER Ferry Flesh\nHIGHLIGHT Pale Flesh\n\nIN THE BOX: BRASS\nBASE Old Brass\nSHADE Walnut Ink\nHIGHLIGHT Lantern Brass\nEDGE Moon Silver", [
                'skin | basecoat | Weathered Flesh', 'skin | wash | Flesh Wash', 'skin | layer | Ferry Flesh',
                'skin | highlight | Pale Flesh', 'brass | basecoat | Old Brass', 'brass | wash | Walnut Ink',
                'brass | highlight | Lantern Brass', 'brass | edge-highlight | Moon Silver']],
            'first person plan' => ["Plan for the weekend: Friday I'll spray the lot with Black Primer. Saturday morning basecoats: plates in Squall, cloth in Madder... no, Bullace Red, metal in Anchor Iron. Saturday evening I'll wash the plates with Brine Wash and the metal with Tar Wash. Sunday: highlight the plates with Pewter Sky, edge the cloth with Rowan Red.", [
                'undercoat | primer | Black Primer', 'plates | basecoat | Squall', 'cloth | basecoat | Bullace Red',
                'metal | basecoat | Anchor Iron', 'plates | wash | Brine Wash', 'metal | wash | Tar Wash',
                'plates | highlight | Pewter Sky', 'cloth | edge-highlight | Rowan Red']],
            'old notebook' => ["Lion Guard, spring\nTabard: Gorse Yel. 3x, then Umber wash in folds, G. Yellow again, + Primrose, Primrose edges.\nArms + face: Ferry Flesh, Flesh wash, F. Flesh, Pale Flesh.\nHalberd: Oak Hull, blk wash; head Chain Steel/Tar Wash/Moon Silver", [
                'tabard | wash | Umber Wash', 'tabard | edge-highlight | Primrose', 'arms-face | basecoat | Ferry Flesh',
                'arms-face | wash | Flesh Wash', 'halberd | basecoat | Oak Hull']],
            'ordered by colour' => ["Blacks: Bilge Black base, Keel Grey edge, Fog on the sharpest corners.\nReds: Barge Red base, Oxblood Wash, Signal Red layer, Ember Orange edge.\nWhites: Fog base, Heron White layer, Chalk edge.\nMetals: Black Iron base, Chain Steel drybrush.", [
                'blacks | basecoat | Bilge Black', 'blacks | edge-highlight | Keel Grey', 'reds | basecoat | Barge Red',
                'reds | wash | Oxblood Wash', 'reds | layer | Signal Red', 'reds | edge-highlight | Ember Orange',
                'whites | basecoat | Fog', 'whites | layer | Heron White', 'whites | edge-highlight | Chalk',
                'metals | basecoat | Black Iron', 'metals | drybrush | Chain Steel']],
            'teaching voice' => ["Okay. We're going to begin with the cloak. I've got some Kingfisher on my palette and I'm thinning it with water, maybe two parts paint to one part water. I'm putting that all over the cloak. It took me two coats. Now for the shading I'll use Indigo Wash, and I'm only painting that into the folds. While it's wet I pull it downwards. For highlights I mix Kingfisher and Mist Blue, one to one, and paint the tops of the folds. The last highlight is pure Mist Blue on the edges.", [
                'cloak | basecoat | Kingfisher | 2 : 1', 'cloak | wash | Indigo Wash | recesses',
                'cloak | highlight | 1 Kingfisher : 1 Mist Blue', 'cloak | edge-highlight | Mist Blue']],
            'terse slashes' => ["PRIMER bone\nROBE sloe / violet wash / heather / thrift pink edge\nBOOK barge red / oxblood wash / buoy orange edge\nPAGES tallow pale / bone wash\nSTAFF cork / walnut ink / bleached plank db", [
                'undercoat | primer | Bone Primer', 'robe | basecoat | Sloe', 'robe | wash | Violet Wash',
                'robe | edge-highlight | Thrift Pink', 'book | basecoat | Barge Red', 'book | wash | Oxblood Wash',
                'pages | basecoat | Tallow Pale', 'pages | wash | Bone Wash', 'staff | basecoat | Cork',
                'staff | drybrush | Bleached Plank']],
            'video description' => ["In this video I paint a marsh troll.\n\nTimestamps\n00:00 Intro\n01:10 Skin: Willow Pale base, Moss Wash shade\n04:35 Skin highlights: Willow Pale + Chalk (2:1)\n07:20 Loincloth: Hemp, Umber Wash, drybrush Sailcloth\n09:05 Club: Oak Hull, Tar Wash, drybrush Cork\n11:00 Teeth and nails: Tallow Pale, Bone Wash\n12:30 Basing: Jetty Mud, Pond Slime", [
                'skin | basecoat | Willow Pale', 'skin | wash | Moss Wash', 'skin | highlight | 2 Willow Pale : 1 Chalk',
                'loincloth | basecoat | Hemp', 'loincloth | wash | Umber Wash', 'loincloth | drybrush | Sailcloth',
                'club | basecoat | Oak Hull', 'club | wash | Tar Wash', 'club | drybrush | Cork',
                'teeth-and-nails | basecoat | Tallow Pale', 'teeth-and-nails | wash | Bone Wash', 'base | texture-paste | Jetty Mud']],
            'blog with asides' => ["The harbour master was a joy to paint. Over a black undercoat I sprayed Bone Primer from above, which gives you all the shadows for free. His greatcoat got two coats of Woad Ink thinned with Glaze Medium; nothing else! I then edged it with Mist Blue. The buttons are Sovereign Gold with a dab of Walnut Ink. For his face I used Ferry Flesh, then Flesh Wash, and finally a few dots of Pale Flesh.", [
                'undercoat | spray-from-above | Bone Primer', 'greatcoat | glaze | Woad Ink | x2', 'greatcoat | edge-highlight | Mist Blue',
                'buttons | basecoat | Sovereign Gold', 'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash']],
            'list with plus' => ["Colour recipe (crew)\n- Jacket: Squall + Indigo Wash + Far Water\n- Trousers: Sailcloth + Umber Wash + Chalk (drybrush)\n- Boots/belts: Boot Brown + Soot Wash\n- Cutlass: Chain Steel + Tar Wash + Moon Silver\n- Hair (redhead): Rust Dust? no! Ember Orange + Umber Wash + Straw", [
                'jacket | basecoat | Squall', 'jacket | wash | Indigo Wash', 'trousers | basecoat | Sailcloth',
                'trousers | wash | Umber Wash', 'trousers | drybrush | Chalk', 'boots-belts | basecoat | Boot Brown',
                'boots-belts | wash | Soot Wash', 'cutlass | basecoat | Chain Steel', 'cutlass | wash | Tar Wash',
                'hair | wash | Umber Wash']],
            'instructions on a card' => ["Sails. Sailcloth basecoat. Umber Wash, thinned 1:1, in the folds. Sailcloth again on the raised parts. Chalk on the edges.\nHull. Tarred Oak basecoat. Soot Wash. Drybrush Oak Hull, then Cork.\nBrass. Lantern Brass. Umber Wash. Moon Silver on the corners.", [
                'sails | basecoat | Sailcloth', 'sails | wash | Umber Wash | 1 : 1', 'sails | edge-highlight | Chalk',
                'hull | basecoat | Tarred Oak', 'hull | wash | Soot Wash', 'hull | drybrush | Oak Hull', 'hull | drybrush | Cork',
                'brass | basecoat | Lantern Brass', 'brass | wash | Umber Wash']],
            'spoken quick' => ["right so the shield's gonna be barge red, two coats, then oxblood wash round the rivets, then I'm highlighting the edges with signal red. the rim is anchor iron with tar wash. on to the spear: oak hull, umber wash, drybrush driftwood. spear tip is chain steel, edged with moon silver. done!", [
                'shield | basecoat | Barge Red | x2', 'shield | wash | Oxblood Wash', 'shield | edge-highlight | Signal Red',
                'rim | basecoat | Anchor Iron', 'rim | wash | Tar Wash', 'spear | basecoat | Oak Hull', 'spear | wash | Umber Wash',
                'spear | drybrush | Driftwood', 'spear-tip | basecoat | Chain Steel', 'spear-tip | edge-highlight | Moon Silver']],
            'numbered sentences' => ["1. Prime white. I used White Primer.\n2. Paint the feathers Heather, leaving the shafts white.\n3. Wash the feathers with Violet Wash.\n4. Layer Heather mixed with Chalk 1:1 onto the tips of the feathers.\n5. Paint the beak Marigold and shade it with Rust Wash.\n6. Paint the eyes Tar with a tiny white dot (Chalk).\n7. Varnish with Satin Varnish.", [
                'undercoat | primer | White Primer', 'feathers | basecoat | Heather', 'feathers | wash | Violet Wash',
                'feathers | layer | 1 Heather : 1 Chalk | tips', 'beak | basecoat | Marigold', 'beak | wash | Rust Wash',
                'whole | satin-coat | Satin Varnish']],
            'stages with several areas' => ["Stage 1: Base colours\nCoat - Channel Blue\nTrousers - Hemp\nBoots - Boot Brown\nBrass - Old Brass\n\nStage 2: Washes\nCoat - Indigo Wash\nTrousers, boots - Umber Wash\nBrass - Umber Wash\n\nStage 3: Highlights\nCoat - Far Water\nTrousers - Sailcloth\nBoots - Saddle Tan\nBrass - Lantern Brass", [
                'coat | basecoat | Channel Blue', 'trousers | basecoat | Hemp', 'boots | basecoat | Boot Brown',
                'brass | basecoat | Old Brass', 'coat | wash | Indigo Wash', 'brass | wash | Umber Wash', 'coat | highlight | Far Water',
                'trousers | highlight | Sailcloth', 'boots | highlight | Saddle Tan', 'brass | highlight | Lantern Brass']],
            'chatty captions' => ["[0:05] Hey everyone, welcome back to the harbour.\n[0:22] We're painting the lamp lighter today, primed in Mid Grey Primer.\n[1:10] First up, the jacket. I'm basing it with Tide Teal.\n[1:58] Two coats, nice and thin.\n[2:30] Next, shade it with Verdigris Wash.\n[3:15] Then Eelgrass on the raised areas,\n[3:50] and a final edge of Shallows.\n[4:20] Moving on to the scarf: Kiln Red, Oxblood Wash, Ember Orange.\n[5:40] That's it, see you next time!", [
                'undercoat | primer | Mid Grey Primer', 'jacket | basecoat | Tide Teal | x2', 'jacket | wash | Verdigris Wash',
                'jacket | highlight | Eelgrass', 'jacket | edge-highlight | Shallows', 'scarf | basecoat | Kiln Red',
                'scarf | wash | Oxblood Wash']],
            'parentheses after' => ["Basecoat (Rowan Red) the cape, shade (Oxblood Wash) the folds, highlight (Ember Orange) the edges. Basecoat (Chain Steel) the sword, shade (Tar Wash) it.", [
                'cape | basecoat | Rowan Red', 'cape | wash | Oxblood Wash', 'sword | basecoat | Chain Steel', 'sword | wash | Tar Wash']],
            'passive report' => ["The armour was sprayed with Black Iron over Black Primer and then drybrushed with Chain Steel. Rust Wash was stippled into the joints. The tabard was painted in Heron White (3 coats), shaded with a thin glaze of Gull Grey and the cross picked out in Barge Red. The straps are Warden Leather washed with Umber Wash.", [
                'armour | spray-layer | Black Iron', 'armour | drybrush | Chain Steel', 'tabard | basecoat | Heron White | x3',
                'tabard | glaze | Gull Grey', 'straps | basecoat | Warden Leather', 'straps | wash | Umber Wash']],
            'key and value blocks' => ["area: cloak\nprimer: Black Primer\nbase: Deep Tide\ncoats: 2\nwash: Indigo Wash\nwash ratio: 1:1 medium\nhighlight: Kingfisher\n\narea: spear shaft\nbase: Oak Hull\nwash: Umber Wash\ndrybrush: Cork", [
                'cloak | basecoat | Deep Tide', 'cloak | wash | Indigo Wash', 'cloak | highlight | Kingfisher',
                'spear-shaft | basecoat | Oak Hull', 'spear-shaft | wash | Umber Wash', 'spear-shaft | drybrush | Cork']],
            'bullet sentences' => ["• I basecoat everything metal in Anchor Iron\n• Tar Wash goes over all the metal\n• the cloak gets Bottle Green, then a wash of Moss Wash\n• I highlight the cloak with Weed Green\n• faces: Ferry Flesh washed with Flesh Wash\n• all done with Matt Varnish", [
                'metal | basecoat | Anchor Iron', 'metal | wash | Tar Wash', 'cloak | basecoat | Bottle Green', 'cloak | wash | Moss Wash',
                'cloak | highlight | Weed Green', 'faces | basecoat | Ferry Flesh', 'faces | wash | Flesh Wash',
                'whole | matt-coat | Matt Varnish']],
            'question and steps inline' => ["How to paint hair (blonde): 1) Ochre Ground 2) Umber Wash 3) drybrush Straw 4) highlight Chalk on the tips. How to paint hair (red): 1) Kiln Red 2) Rust Wash 3) Ember Orange drybrush.", [
                'hair | basecoat | Ochre Ground', 'hair | wash | Umber Wash', 'hair | drybrush | Straw', 'hair | basecoat | Kiln Red',
                'hair | wash | Rust Wash', 'hair | drybrush | Ember Orange']],
            'a friend on the phone' => ["Right, you'll want Bark Primer first. Then just slap Oak Hull over all the wood and give it a good soak of Tar Wash. Let that dry properly. After that a drybrush with Driftwood, and if you're feeling fancy a second one with Bleached Plank. The metal bits: Black Iron, Rust Wash, done. For the sail use Sailcloth, shade the folds with Umber Wash and lift the tops with Chalk.", [
                'undercoat | primer | Bark Primer', 'wood | basecoat | Oak Hull', 'wood | wash | Tar Wash', 'wood | drybrush | Driftwood',
                'wood | drybrush | Bleached Plank', 'metal-bits | basecoat | Black Iron', 'metal-bits | wash | Rust Wash',
                'sail | basecoat | Sailcloth', 'sail | wash | Umber Wash']],
            'structured doc' => ["# River Pike Regiment\n\n## Overview\nQuick tabletop scheme, about 90 minutes for five.\n\n## Paints\n- Mid Grey Primer\n- Deep Tide, Tide Teal, Shallows\n- Indigo Wash\n- Anchor Iron, Tar Wash, New Tin\n\n## Steps\n### Coats\n1. Basecoat Deep Tide\n2. Wash Indigo Wash\n3. Layer Tide Teal\n4. Edge Shallows\n### Pikes\n1. Basecoat Peat\n2. Drybrush Driftwood\n### Pike heads\n1. Anchor Iron\n2. Tar Wash\n3. New Tin edge", [
                'coats | basecoat | Deep Tide', 'coats | wash | Indigo Wash', 'coats | layer | Tide Teal',
                'coats | edge-highlight | Shallows', 'pikes | basecoat | Peat', 'pikes | drybrush | Driftwood',
                'pike-heads | basecoat | Anchor Iron', 'pike-heads | wash | Tar Wash', 'pike-heads | edge-highlight | New Tin']],
            'one paragraph per area' => ["Feathers\nStart with Pewter Sky all over, then wash with Indigo Wash mixed 1:2 with medium. Drybrush Gull Grey, then Heron White.\n\nBeak and legs\nMarigold basecoat, Rust Wash shade, Canary Buoy highlight.\n\nReins\nBoot Brown, highlight with Saddle Tan.", [
                'feathers | basecoat | Pewter Sky', 'feathers | wash | Indigo Wash | 1 : 2', 'feathers | drybrush | Gull Grey',
                'feathers | drybrush | Heron White', 'beak-and-legs | basecoat | Marigold', 'beak-and-legs | wash | Rust Wash',
                'beak-and-legs | highlight | Canary Buoy', 'reins | basecoat | Boot Brown', 'reins | highlight | Saddle Tan']],
            'answers with numbers' => ["1 - Primed black (Black Primer)\n2 - Basecoated the robes Sloe, the skin Ruddy Flesh and the staff Cork\n3 - Washed the robes with Violet Wash, everything else with Umber Wash\n4 - Highlighted the robes with Heather\n5 - Highlighted the skin with Pale Flesh\n6 - Drybrushed the staff with Straw", [
                'undercoat | primer | Black Primer', 'robes | basecoat | Sloe', 'skin | basecoat | Ruddy Flesh', 'staff | basecoat | Cork',
                'robes | wash | Violet Wash', 'robes | highlight | Heather', 'skin | highlight | Pale Flesh', 'staff | drybrush | Straw']],
            'swatch card' => ["CLOAK | Bullace Red | Oxblood Wash | Rowan Red | Ember Orange\nSKIN | Weathered Flesh | Flesh Wash | Ferry Flesh | Pale Flesh\nSTEEL | Anchor Iron | Tar Wash | Chain Steel | Moon Silver", [
                'cloak | basecoat | Bullace Red', 'cloak | wash | Oxblood Wash', 'skin | basecoat | Weathered Flesh',
                'skin | wash | Flesh Wash', 'steel | basecoat | Anchor Iron', 'steel | wash | Tar Wash']],
            'transcript with fillers' => ["um so yeah for the cloak um I used uh kiln red as the base and then you know I shaded it with oxblood wash and um I kind of highlighted the edges with buoy orange. for the fur it's like peat and then I drybrushed it with driftwood and uh yeah that's basically it", [
                'cloak | basecoat | Kiln Red', 'cloak | wash | Oxblood Wash', 'cloak | edge-highlight | Buoy Orange',
                'fur | basecoat | Peat', 'fur | drybrush | Driftwood']],
            'stream notes' => ["Tonight's scheme, warden 4 of 10\nprimer: Black Primer, then Bone Primer from the top\ncloak → Harbour Blue x2 → Indigo Wash in the folds → edge w/ Harbour Blue + Chalk 1:1\nsatchel → Warden Leather → Umber Wash → Saddle Tan on the corners\nlamp → Lantern Brass, Umber Wash, tiny dot of Chalk", [
                'undercoat | primer | Black Primer', 'cloak | basecoat | Harbour Blue | x2', 'cloak | wash | Indigo Wash | recesses',
                'cloak | edge-highlight | 1 Harbour Blue : 1 Chalk', 'satchel | basecoat | Warden Leather', 'satchel | wash | Umber Wash',
                'satchel | highlight | Saddle Tan', 'lamp | basecoat | Lantern Brass', 'lamp | wash | Umber Wash', 'lamp | dot | Chalk']],
            'magazine, another' => ["THE COAT\nThe coat was given two coats of Oilskin Yellow, let down with a little water. Once dry, Umber Wash was run into the recesses. The raised areas were picked out in Oilskin Yellow again before a final edge of Straw.\nTHE BOOTS\nThese received Boot Brown and a wash of Soot Wash. Saddle Tan was drybrushed over the toes.", [
                'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | recesses', 'coat | layer | Oilskin Yellow',
                'coat | edge-highlight | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | drybrush | Saddle Tan']],
            'chat message' => ["ok so for skin: ferry flesh first, flesh wash all over, then ferry flesh back on everything except the deep bits, pale flesh on nose/chin/knuckles. hair is peat, drybrush driftwood. thats it lol", [
                'skin | basecoat | Ferry Flesh', 'skin | wash | Flesh Wash', 'skin | layer | Ferry Flesh', 'skin | highlight | Pale Flesh',
                'hair | basecoat | Peat', 'hair | drybrush | Driftwood']],
            'colour key' => ["Sails: Clay Pipe / Umber Wash / Chalk\nHull: Night Ferry / Indigo Wash / Slate Water\nRopes: Rope / Umber Wash\nMetalwork: Anchor Iron / Tar Wash / Chain Steel\nB = basecoat, W = wash, H = highlight (in that order)", [
                'sails | basecoat | Clay Pipe', 'sails | wash | Umber Wash', 'sails | highlight | Chalk', 'hull | basecoat | Night Ferry',
                'hull | wash | Indigo Wash', 'ropes | basecoat | Rope', 'ropes | wash | Umber Wash', 'metalwork | basecoat | Anchor Iron',
                'metalwork | wash | Tar Wash', 'metalwork | highlight | Chain Steel']],
            'second person' => ["Grab your Weed Green and give the breeches an even basecoat. You'll want two thin ones rather than one thick. Next shade them with Moss Wash, and when it's bone dry layer Weed Green back over the raised folds. For the final highlight mix in some Young Reed, roughly 2 to 1, and hit just the tops of the knees.", [
                'breeches | basecoat | Weed Green | x2', 'breeches | wash | Moss Wash', 'breeches | layer | Weed Green',
                'breeches | highlight | 2 Weed Green : 1 Young Reed']],
            'steps then areas' => ["Step 1 - Base everything\n  Coat: Oilskin Yellow\n  Breeches: Reed Green\n  Boots: Boot Brown\nStep 2 - Wash everything\n  Coat: Umber Wash\n  Breeches: Moss Wash\n  Boots: Soot Wash\nStep 3 - Highlights\n  Coat: Straw\n  Breeches: Young Reed", [
                'coat | basecoat | Oilskin Yellow', 'breeches | basecoat | Reed Green', 'boots | basecoat | Boot Brown',
                'coat | wash | Umber Wash', 'breeches | wash | Moss Wash', 'boots | wash | Soot Wash', 'coat | highlight | Straw',
                'breeches | highlight | Young Reed']],
            'metric fractions' => ["Robe\nBasecoat: 60% Harbour Blue, 40% Tar\nLayer: Harbour Blue\nHighlight: 3 drops Harbour Blue + 1 drop Chalk\nGlaze: Woad Ink, 1 part ink to 6 parts medium, over the shadows", [
                'robe | basecoat | 3 Harbour Blue : 2 Tar', 'robe | layer | Harbour Blue', 'robe | highlight | 3 Harbour Blue : 1 Chalk',
                'robe | glaze | Woad Ink | 1 : 6']],
            'apologetic blog' => ["I'm no expert but this worked. Armour: started with a rough coat of Anchor Iron, then drowned the lot in Tar Wash. Once dry I drybrushed Chain Steel, quite heavily, then a lighter one only on the edges. The plume was Rowan Red with Oxblood Wash, then Lantern Orange along the top.", [
                'armour | basecoat | Anchor Iron', 'armour | wash | Tar Wash', 'armour | drybrush | Chain Steel',
                'plume | basecoat | Rowan Red', 'plume | wash | Oxblood Wash', 'plume | highlight | Lantern Orange']],
            'checklist, another' => ["[ ] prime Mid Grey Primer\n[ ] pole - Driftwood\n[ ] pole - Umber Wash\n[ ] pole - drybrush Chalk\n[ ] lantern - Old Brass\n[ ] lantern glass - Honey over Chalk\n[ ] varnish - Matt Varnish", [
                'undercoat | primer | Mid Grey Primer', 'pole | basecoat | Driftwood', 'pole | wash | Umber Wash', 'pole | drybrush | Chalk',
                'lantern | basecoat | Old Brass', 'whole | matt-coat | Matt Varnish']],
            'table with pipes' => ["| Part | Paint | How |\n|---|---|---|\n| Coat | Oilskin Yellow | basecoat, 2 coats |\n| Coat | Umber Wash | wash |\n| Boots | Boot Brown | basecoat |\n| Boots | Saddle Tan | edge highlight |", [
                'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown',
                'boots | edge-highlight | Saddle Tan']],
            'base notes' => ["Basing: Mud texture from the hobby box, painted with Mud, washed Umber Wash, drybrushed Driftwood then Bleached Plank. Rim in Tar. Tufts glued on last.", [
                'base | basecoat | Mud', 'base | wash | Umber Wash', 'base | drybrush | Driftwood', 'base | drybrush | Bleached Plank']],
            'interview, another' => ["\"What's the recipe for the scales?\" \"Tideline, Verdigris Wash, then drybrush Tide Teal and finally Rain, lightly.\" \"And the belly?\" \"Ship Biscuit with Bone Wash, highlighted Chalk.\"", [
                'scales | basecoat | Tideline', 'scales | wash | Verdigris Wash', 'scales | drybrush | Tide Teal', 'scales | drybrush | Rain',
                'belly | basecoat | Ship Biscuit', 'belly | wash | Bone Wash', 'belly | highlight | Chalk']],
            'airbrush' => ["Hull: airbrush Night Ferry from below, Harbour Blue over the middle, Mist Blue from above. Then pin wash with Tar Wash along the panel lines. Chips with a sponge and Boot Brown. Gloss Varnish before decals, Matt Varnish to finish.", [
                'hull | spray-layer | Night Ferry', 'hull | spray-layer | Harbour Blue', 'hull | spray-from-above | Mist Blue',
                'hull | solvent-wash | Tar Wash | recesses', 'hull | chipping | Boot Brown']],
            'comment' => ["Love these! Cloak recipe please?\nSure: Dulse, black wash thinned down, back to Dulse, then add Thrift Pink bit by bit (3:1, 2:1, 1:1) up to the edges.", [
                'cloak | basecoat | Dulse', 'cloak | layer | Dulse', 'cloak | highlight | 3 Dulse : 1 Thrift Pink',
                'cloak | highlight | 1 Dulse : 1 Thrift Pink']],
            'postcard' => ["Sails done! Sailcloth, washed down with Bone Wash, highlights of Chalk. Mast: Driftwood / Umber Wash. Pennant is Kiln Red with edges in Lantern Orange.", [
                'sails-done | basecoat | Sailcloth', 'sails-done | wash | Bone Wash', 'sails-done | highlight | Chalk',
                'mast | basecoat | Driftwood', 'mast | wash | Umber Wash', 'pennant | basecoat | Kiln Red',
                'pennant | edge-highlight | Lantern Orange']],
            'workshop handout, another' => ["Exercise 2: weathered wood\nYou need: Boot Brown, Driftwood, Chalk, Tar Wash\na. Paint the planks Boot Brown. Let dry.\nb. Drybrush the planks with Driftwood.\nc. Drybrush again, lighter, with Driftwood and Chalk (1:1).\nd. Wash with Tar Wash and dab off the excess.", [
                'planks | basecoat | Boot Brown', 'planks | drybrush | Driftwood', 'planks | drybrush | 1 Driftwood : 1 Chalk',
                'planks | wash | Tar Wash']],
            'voice memo' => ["right so the scales i sprayed black then bone from above, coated them in tideline, thinned quite a bit, shaded with verdigris wash and then drybrushed tide teal and a bit of rain on the ridges. claws are bilge black with a pewter sky edge", [
                'scales | basecoat | Tideline', 'scales | wash | Verdigris Wash', 'scales | drybrush | 4 Tide Teal : 1 Rain',
                'claws | basecoat | Bilge Black', 'claws | edge-highlight | Pewter Sky']],
            'old forum' => ["Re: how to paint night ferrymen\n\n[quote]What did you use on the capes?[/quote]\n\nCapes: 2x Night Ferry, Indigo Wash in the deepest folds only, then Night Ferry/Slate Water 50/50, pure Slate Water, tiny bit of Mist Blue on the extreme edges.\nFaces - Ferry Flesh, Flesh Wash, Pale Flesh.", [
                'capes | basecoat | Night Ferry | x2', 'capes | wash | Indigo Wash | recesses', 'capes | layer | 1 Night Ferry : 1 Slate Water',
                'faces | basecoat | Ferry Flesh', 'faces | wash | Flesh Wash', 'faces | highlight | Pale Flesh']],
            'spreadsheet paste' => ["Element\tBase\tShade\tHighlight\nCoat\tOilskin Yellow\tUmber Wash\tStraw\nBoots\tBoot Brown\tSoot Wash\tSaddle Tan\nLamp\tLantern Brass\tUmber Wash\tChain Steel", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown',
                'boots | wash | Soot Wash', 'boots | highlight | Saddle Tan', 'lamp | basecoat | Lantern Brass']],
            'story' => ["I'd been putting off the provost for months. In the end I just primed her Mid Grey Primer and went for it: gown first, in Dulse, two coats, with Violet Wash for the shadows. The collar I left for last. It's Chalk over Gull Grey.", [
                'undercoat | primer | Mid Grey Primer', 'gown | basecoat | Dulse | x2', 'gown | wash | Violet Wash',
                'collar | basecoat | Gull Grey', 'collar | layer | Chalk']],
            'abbrev' => ["Cloak: BC Weed Green, W Moss Wash, L Weed Green, HL Weed Green + Young Reed (2:1), EHL Young Reed\nStraps: BC Warden Leather, W Umber Wash, EHL Ship Biscuit", [
                'cloak | basecoat | Weed Green', 'cloak | wash | Moss Wash', 'cloak | layer | Weed Green',
                'cloak | highlight | 2 Weed Green : 1 Young Reed', 'cloak | edge-highlight | Young Reed', 'straps | basecoat | Warden Leather',
                'straps | wash | Umber Wash', 'straps | edge-highlight | Ship Biscuit']],
            'corrections' => ["Wood - Peat first (not Boot Brown, I ran out), Umber Wash, Driftwood drybrush. EDIT: I also glazed the bottom with thinned Moss Wash, 1:3 with medium.", [
                'wood | basecoat | Peat', 'wood | wash | Umber Wash', 'wood | drybrush | Driftwood', 'wood | glaze | Moss Wash | 1 : 3']],
            'cooking style' => ["Ingredients: Rowan Red, Oxblood Wash, Lantern Orange, Pale Flesh.\nMethod: First, cover the plume in Rowan Red. When dry, flood it with Oxblood Wash. Leave overnight. Drybrush Lantern Orange along the feather tips, then a whisper of Pale Flesh.", [
                'plume | basecoat | Rowan Red', 'plume | wash | Oxblood Wash', 'plume | drybrush | Lantern Orange',
                'plume | drybrush | Pale Flesh']],
            'two models' => ["Captain's hat: Night Ferry, edge highlight Slate Water. Mate's hat: Boot Brown, edge highlight Saddle Tan. Both: Chain Steel badge.", [
                'captain-s-hat | basecoat | Night Ferry', 'captain-s-hat | edge-highlight | Slate Water', 'mate-s-hat | basecoat | Boot Brown',
                'badge | basecoat | Chain Steel']],
            'newsletter' => ["This month Tilda shows us her wardens. She undercoats with Mid Grey Primer. The oilskins are a mix of Oilskin Yellow and Straw (3:1), shaded with Umber Wash in the folds and highlighted by adding more Straw. She paints the straps Warden Leather and edges them with Ship Biscuit.", [
                'undercoat | primer | Mid Grey Primer', 'oilskins | basecoat | 3 Oilskin Yellow : 1 Straw',
                'oilskins | wash | Umber Wash | recesses', 'straps | basecoat | Warden Leather', 'straps | edge-highlight | Ship Biscuit']],
            'bracketed' => ["Hood (Weed Green > Moss Wash > Weed Green > Young Reed)\nPouch (Saddle Tan > Umber Wash)\nKnife (Chain Steel > Tar Wash > Chain Steel)", [
                'hood | basecoat | Weed Green', 'hood | wash | Moss Wash', 'hood | layer | Weed Green', 'hood | highlight | Young Reed',
                'pouch | basecoat | Saddle Tan', 'pouch | wash | Umber Wash', 'knife | basecoat | Chain Steel', 'knife | wash | Tar Wash']],
            'numbers first' => ["1 coat Black Primer\n2 coats Harbour Blue on the cape\n1 wash Indigo Wash on the cape\n2 coats Boot Brown on the belt\n1 drybrush Saddle Tan on the belt", [
                'undercoat | primer | Black Primer', 'cape | basecoat | Harbour Blue | x2', 'cape | wash | Indigo Wash',
                'belt | basecoat | Boot Brown | x2', 'belt | drybrush | Saddle Tan']],
            'reported speech' => ["He told me he starts the fur with Peat, drybrushes Boot Brown, then Driftwood, then a very light Chalk just on the back. The eyes he dots in with Chalk and Tar.", [
                'fur | basecoat | Peat', 'fur | drybrush | Boot Brown', 'fur | drybrush | Driftwood', 'fur | drybrush | Chalk',
                'eyes | dot | Chalk']],
            'club wiki' => ["== Cloth ==\n* '''Base''': Dulse\n* '''Shade''': Violet Wash\n* '''Layer''': Dulse\n* '''Highlight''': Thrift Pink\n== Metal ==\n* '''Base''': Anchor Iron\n* '''Shade''': Tar Wash\n* '''Highlight''': Chain Steel", [
                'cloth | basecoat | Dulse', 'cloth | wash | Violet Wash', 'cloth | layer | Dulse', 'cloth | highlight | Thrift Pink',
                'metal | basecoat | Anchor Iron', 'metal | wash | Tar Wash', 'metal | highlight | Chain Steel']],
            'plan for friends' => ["Everyone prime black. On Saturday we basecoat: coats Oilskin Yellow, trousers Reed Green, boots Boot Brown. On Sunday we wash: coats and boots with Umber Wash, trousers with Moss Wash.", [
                'coats | basecoat | Oilskin Yellow', 'trousers | basecoat | Reed Green', 'boots | basecoat | Boot Brown',
                'coats | wash | Umber Wash', 'boots | wash | Umber Wash', 'trousers | wash | Moss Wash']],
            'captions with brackets' => ["[00:12] Basecoat the sails with Sailcloth\n[01:40] Shade the sails with Bone Wash\n[03:05] Highlight the sails with Chalk, thinned 1:2\n[04:30] Basecoat the hull with Night Ferry\n[05:10] Edge the planks in Slate Water", [
                'sails | basecoat | Sailcloth', 'sails | wash | Bone Wash', 'sails | highlight | Chalk | 1 : 2',
                'hull | basecoat | Night Ferry', 'planks | edge-highlight | Slate Water']],
            'haiku-like' => ["skin: Thrift Pink, Flesh Wash\nthen Thrift Pink again\npale flesh last\nhair: Straw, Umber Wash\ndrybrush Primrose", [
                'skin | basecoat | Thrift Pink', 'skin | wash | Flesh Wash', 'skin | layer | Thrift Pink', 'skin | highlight | Pale Flesh',
                'hair | basecoat | Straw', 'hair | wash | Umber Wash', 'hair | drybrush | Primrose']],
            'week of a diary' => ["Monday. Primed the whole lot with Mid Grey Primer and left them overnight.\nTuesday. Coats first, Oilskin Yellow, two thin goes. Breeches in Weed Green.\nWednesday. Umber Wash over the coats, Moss Wash over the breeches.\nThursday. Brought the coats back up with Oilskin Yellow, leaving the folds dark, then Straw on the hems. Boots are Boot Brown and that's it.", [
                'undercoat | primer | Mid Grey Primer', 'coats | basecoat | Oilskin Yellow | x2', 'breeches | basecoat | Weed Green',
                'coats | wash | Umber Wash', 'breeches | wash | Moss Wash', 'coats | layer | Oilskin Yellow', 'coats | highlight | Straw',
                'boots | basecoat | Boot Brown']],
            'markdown nested' => ["## Robes\n- **Base:** Harbour Blue\n- **Shade:** Indigo Wash\n- **Highlights**\n  - Harbour Blue + Mist Blue (2:1)\n  - Mist Blue\n\n## Staff\n- **Base:** Driftwood\n- **Shade:** Umber Wash\n- **Drybrush:** Ship Biscuit", [
                'robes | basecoat | Harbour Blue', 'robes | wash | Indigo Wash', 'robes | highlight | 2 Harbour Blue : 1 Mist Blue',
                'robes | highlight | Mist Blue', 'staff | basecoat | Driftwood', 'staff | wash | Umber Wash', 'staff | drybrush | Ship Biscuit']],
            'video chapters' => ["00:00 Intro\n01:12 Priming - Black Primer\n02:40 Armour basecoat - Anchor Iron\n05:05 Armour shade - Tar Wash\n07:30 Armour edges - Chain Steel\n11:00 Cape basecoat - Dulse\n13:45 Cape shade - Oxblood Wash\n16:20 Cape highlight - Thrift Pink\n20:00 Outro", [
                'undercoat | primer | Black Primer', 'armour | basecoat | Anchor Iron', 'armour | wash | Tar Wash',
                'armour | edge-highlight | Chain Steel', 'cape | basecoat | Dulse', 'cape | wash | Oxblood Wash',
                'cape | highlight | Thrift Pink']],
            'long prose' => ["I wanted the sails to look old, so I based them in Sailcloth over a bone primer and gave them a generous wash of Bone Wash mixed half and half with Umber Wash. When that had dried I drybrushed them with Chalk from the top down. The ropes I simply painted Rope and washed with Umber Wash. For the hull I mixed Night Ferry and Tar, about three to one, and picked out the plank edges with Slate Water.", [
                'sails | basecoat | Sailcloth', 'sails | wash | 1 Bone Wash : 1 Umber Wash', 'sails | drybrush | Chalk',
                'ropes | basecoat | Rope', 'ropes | wash | Umber Wash', 'hull | basecoat | 3 Night Ferry : 1 Tar',
                'hull | edge-highlight | Slate Water']],
            'caps and arrows' => ["FACE >> ferry flesh >> flesh wash >> ferry flesh >> pale flesh (nose, cheeks)\nHAIR >> peat >> tar wash >> driftwood (drybrush)\nBELT >> warden leather >> umber wash >> saddle tan (edges)", [
                'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash', 'face | highlight | Pale Flesh', 'hair | basecoat | Peat',
                'hair | wash | Tar Wash', 'hair | drybrush | Driftwood', 'belt | basecoat | Warden Leather', 'belt | wash | Umber Wash',
                'belt | edge-highlight | Saddle Tan']],
            'lettered Q and A' => ["Q: What paints did you use for the scales?\nA: Tideline as the base, two coats. Verdigris Wash all over. Then Tide Teal drybrushed and a lighter drybrush of Rain.\nQ: And the claws?\nA: Bilge Black with Pewter Sky on the edges.", [
                'scales | basecoat | Tideline | x2', 'scales | wash | Verdigris Wash', 'scales | drybrush | Tide Teal',
                'scales | drybrush | Rain', 'claws | basecoat | Bilge Black', 'claws | edge-highlight | Pewter Sky']],
            'instruction leaflet' => ["Stage one. Undercoat the model with black primer. Stage two. Paint all the leather with Warden Leather; use two coats for an even finish. Stage three. Apply Umber Wash to the leather, letting it settle in the creases. Stage four. Edge highlight the leather using Saddle Tan. Stage five. Paint the buckles Lantern Brass and shade them with Soot Wash.", [
                'undercoat | primer | Black Primer', 'leather | basecoat | Warden Leather | x2', 'leather | wash | Umber Wash',
                'leather | edge-highlight | Saddle Tan', 'buckles | basecoat | Lantern Brass', 'buckles | wash | Soot Wash']],
            'recap list' => ["Recap of what's on them:\n* Trousers: Reed Green -> Moss Wash -> Reed Green/Young Reed 1:1 -> Young Reed\n* Gloves: Boot Brown, drybrush Saddle Tan\n* Lantern glass: Chalk, then a glaze of Honey\n* Bases: Mud, drybrush Driftwood, rim Tar", [
                'trousers | basecoat | Reed Green', 'trousers | wash | Moss Wash', 'trousers | layer | 1 Reed Green : 1 Young Reed',
                'trousers | highlight | Young Reed', 'gloves | basecoat | Boot Brown', 'gloves | drybrush | Saddle Tan',
                'lantern-glass | basecoat | Chalk', 'lantern-glass | glaze | Honey', 'bases | basecoat | Mud', 'bases | drybrush | Driftwood']],
            'club newsletter' => ["Sea folk, the fast way\nSpray Bone Primer. Skin gets Verdigris Wash straight over the primer, then a drybrush of Rain. Kilts: Dulse, washed Oxblood Wash. Anything metal: Old Brass with a coat of Soot Wash. Sling the lot on a base of Mud drybrushed Bleached Plank. Fifteen minutes a model, tops.", [
                'undercoat | primer | Bone Primer', 'skin | wash | Verdigris Wash', 'skin | drybrush | Rain', 'kilts | basecoat | Dulse',
                'kilts | wash | Oxblood Wash', 'anything-metal | basecoat | Old Brass', 'anything-metal | wash | Soot Wash',
                'base | basecoat | Mud', 'base | drybrush | Bleached Plank']],
            'letters by step' => ["Jacket\nA) Weed Green x2\nB) Moss Wash\nC) Weed Green (leave recesses)\nD) Weed Green 1 : Young Reed 1\nE) Young Reed, edges only\n\nHat\nA) Peat x1\nB) Driftwood drybrush", [
                'jacket | basecoat | Weed Green | x2', 'jacket | wash | Moss Wash', 'jacket | layer | Weed Green',
                'jacket | layer | 1 Weed Green : 1 Young Reed', 'jacket | edge-highlight | Young Reed', 'hat | basecoat | Peat | x1',
                'hat | drybrush | Driftwood']],
            'spoken with fillers' => ["Okay so, um, for the cape I've gone with Harbour Blue, you know, two thinned coats like always. And then we're gonna shade that with some Indigo Wash, just in the recesses, don't flood it. Once that's dry I'm coming back in with Harbour Blue on the raised parts. And for the highlight I'm mixing Harbour Blue with Mist Blue, about two to one, and just catching the edges.", [
                'cape | basecoat | Harbour Blue | x2', 'cape | wash | Indigo Wash | recesses', 'cape | layer | Harbour Blue',
                'cape | edge-highlight | 2 Harbour Blue : 1 Mist Blue']],
            'equals and plus' => ["Pole = Driftwood + Umber Wash + Ship Biscuit (drybrush)\nBanner = Kiln Red + Oxblood Wash + Lantern Orange (highlight)\nFringe = Old Brass + Soot Wash", [
                'pole | basecoat | Driftwood', 'pole | wash | Umber Wash', 'pole | drybrush | Ship Biscuit', 'banner | basecoat | Kiln Red',
                'banner | wash | Oxblood Wash', 'banner | highlight | Lantern Orange', 'fringe | basecoat | Old Brass',
                'fringe | wash | Soot Wash']],
            'reply with numbers' => ["@tarn thanks! 1) prime black 2) airbrush Night Ferry everywhere 3) Slate Water from above 4) panel lines with Tar Wash 5) edge with Mist Blue 6) matt varnish", [
                'model | spray-layer | Night Ferry', 'model | spray-layer | Slate Water', 'model | wash | Tar Wash',
                'model | edge-highlight | Mist Blue', 'whole | matt-coat | Matt Varnish']],
            'step table with times' => ["Step | Area | Paint | Time\n1 | Skin | Ferry Flesh (base) | 10 min\n2 | Skin | Flesh Wash (wash) | 5 min\n3 | Skin | Pale Flesh (highlight) | 15 min\n4 | Apron | Warden Leather (base) | 5 min\n5 | Apron | Umber Wash (wash) | 5 min", [
                'skin | basecoat | Ferry Flesh', 'skin | wash | Flesh Wash', 'skin | highlight | Pale Flesh',
                'apron | basecoat | Warden Leather', 'apron | wash | Umber Wash']],
            'story-telling' => ["The Warden's lantern took me ages. I ended up with Lantern Brass, shaded with Umber Wash, and the glass is Chalk glazed with Honey. His beard is just Ship Biscuit washed with Bone Wash. The oilskin hat matches the coat: Oilskin Yellow, Umber Wash, Oilskin Yellow again and a little Straw round the brim.", [
                'lantern | basecoat | Lantern Brass', 'lantern | wash | Umber Wash', 'glass | basecoat | Chalk', 'glass | glaze | Honey',
                'beard | basecoat | Ship Biscuit', 'beard | wash | Bone Wash', 'oilskin-hat | basecoat | Oilskin Yellow',
                'oilskin-hat | wash | Umber Wash', 'oilskin-hat | layer | Oilskin Yellow', 'oilskin-hat | highlight | Straw']],
            'imperative short' => ["Prime grey. Block in the trousers with Reed Green. Wash Moss. Rebase with Reed Green. Highlight Young Reed. Block in the shirt with Clay Pipe. Wash it with Bone Wash. Highlight with Chalk.", [
                'trousers | basecoat | Reed Green', 'trousers | wash | Moss Wash', 'trousers | layer | Reed Green',
                'trousers | highlight | Young Reed', 'shirt | basecoat | Clay Pipe', 'shirt | wash | Bone Wash', 'shirt | highlight | Chalk']],
            'product-free plan' => ["My plan for the crew (12 models)\n- undercoat everything in Bone Primer\n- shirts: half the crew in Clay Pipe, washed Bone Wash, highlighted Chalk\n- waistcoats: Woad Ink straight over the primer\n- trousers: Peat with Tar Wash\n- skin: Ferry Flesh, Flesh Wash, Ferry Flesh, Pale Flesh", [
                'undercoat | primer | Bone Primer', 'shirts | basecoat | Clay Pipe', 'shirts | wash | Bone Wash', 'shirts | highlight | Chalk',
                'waistcoats | glaze | Woad Ink', 'trousers | basecoat | Peat', 'trousers | wash | Tar Wash', 'skin | basecoat | Ferry Flesh',
                'skin | wash | Flesh Wash', 'skin | layer | Ferry Flesh', 'skin | highlight | Pale Flesh']],
            'after the show' => ["Thanks for all the kind words at the show. The green on the robes is Weed Green with a bit of Tar (about 4:1), then plain Weed Green, then Weed Green and Young Reed, and finally pure Young Reed on the edges. The gold is Old Brass, Soot Wash, Old Brass and Lantern Brass.", [
                'robes | basecoat | 4 Weed Green : 1 Tar', 'robes | layer | Weed Green',
                'robes | layer | 1 Weed Green : 1 Young Reed', 'robes | edge-highlight | Young Reed', 'gold | basecoat | Old Brass',
                'gold | wash | Soot Wash', 'gold | layer | Old Brass', 'gold | highlight | Lantern Brass']],
            'arrows down' => ["Tentacles\n  Tide Teal\n  ↓ Verdigris Wash\n  ↓ Tide Teal (raised)\n  ↓ Rain (edges)\n\nSuckers\n  Thrift Pink\n  ↓ Flesh Wash\n  ↓ Pale Flesh (dots)", [
                'tentacles | basecoat | Tide Teal', 'tentacles | wash | Verdigris Wash', 'tentacles | layer | Tide Teal',
                'tentacles | edge-highlight | Rain', 'suckers | basecoat | Thrift Pink', 'suckers | wash | Flesh Wash',
                'suckers | dot | Pale Flesh']],
            'parenthesis heavy' => ["Coat (Oilskin Yellow x2, Umber Wash in the recesses, Straw edges), boots (Boot Brown, Saddle Tan edges), lantern (Lantern Brass, Umber Wash), glass (Chalk, Honey glaze).", [
                'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | recesses', 'coat | edge-highlight | Straw',
                'boots | basecoat | Boot Brown', 'boots | edge-highlight | Saddle Tan', 'lantern | basecoat | Lantern Brass',
                'lantern | wash | Umber Wash', 'glass | basecoat | Chalk', 'glass | glaze | Honey']],
            'tips and recipe' => ["Tip: always thin your paints. For the hull I use Night Ferry as a base. Shade: Indigo Wash. First highlight: Slate Water. Second highlight: Mist Blue, edges only. Tip: keep the edge lines thin!", [
                'hull | basecoat | Night Ferry', 'hull | wash | Indigo Wash', 'hull | highlight | Slate Water',
                'hull | edge-highlight | Mist Blue']],
            'past perfect' => ["After the primer (Black Primer) had cured, I had the armour drybrushed with Anchor Iron and then more lightly with Chain Steel. A wash of Tar Wash followed, thinned 1:1 with medium. The cloak had already been basecoated in Kiln Red; I washed it with Oxblood Wash and picked out the folds in Kiln Red again.", [
                'undercoat | primer | Black Primer', 'armour | drybrush | Anchor Iron', 'armour | drybrush | Chain Steel',
                'armour | wash | Tar Wash | 1 : 1 medium', 'cloak | basecoat | Kiln Red', 'cloak | wash | Oxblood Wash',
                'cloak | layer | Kiln Red']],
            'numbered with sub letters' => ["1. Stonework\n   a) basecoat Slate Water\n   b) drybrush Mist Blue\n   c) wash Soot Wash, patchy\n2. Moss\n   a) stipple Weed Green\n   b) stipple Young Reed, less\n3. Seal with Matt Varnish", [
                'stonework | basecoat | Slate Water', 'stonework | drybrush | Mist Blue', 'stonework | wash | Soot Wash',
                'moss | stipple | Weed Green', 'moss | stipple | Young Reed', 'whole | matt-coat | Matt Varnish']],
        ];
    }

    /** @return list<string> texts that are no guides */
    public static function others(): array
    {
        return [
            "Carrot soup\nCut the carrots, fry them with onions and a touch of butter.\nAdd water, simmer for twenty minutes, season to taste.",
            "The woods are dark, the river runs,\nand over it the lantern burns.",
            "Shopping\n- bread\n- milk\n- two lemons\n- brown sugar",
            "Dear all,\nthe meeting is moved to 15:30. Please bring your notes.\nBest wishes",
        ];
    }
}
