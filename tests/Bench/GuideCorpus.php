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
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | 1 : 1', 'coat | layer | Oilskin Yellow | all-but-recesses', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'whole | matt-coat | Matt Varnish']],
            'numbered by area' => ["COAT\n1) Oilskin Yellow x3\n2) Umber Wash\n3) Straw drybrush\n\nBOOTS\n1) Boot Brown\n2) Saddle Tan edges", [
                'coat | basecoat | Oilskin Yellow | x3', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown', 'boots | edge-highlight | Saddle Tan']],
            'forum prose' => ["So I started with the coat. I basecoated it with Oilskin Yellow, then washed it with Umber Wash thinned 2:1 with medium. Once dry I drybrushed Straw over the upper half. The boots are painted with Boot Brown and shaded with Soot Wash. I hope that helps!", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 2 : 1', 'coat | drybrush | Straw | upper-half', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'prose, sentence by sentence' => ["Paint the cloak with Harbour Blue.\nGlaze the lower sides with Indigo Wash.\nHighlight the raised parts with a 3:1 mix of Harbour Blue and Chalk.\nLet it dry for an hour.\nDot the corners with Chalk.", [
                'cloak | basecoat | Harbour Blue', 'cloak | glaze | Indigo Wash | lower-sides', 'cloak | highlight | 3 Harbour Blue : 1 Chalk | raised-parts', 'cloak | dot | Chalk']],
            'spoken, with times' => ["[00:15] alright so we prime it with Black Primer\n[01:02] then we basecoat the boots with Boot Brown, that's two coats\n[02:40] shade them with Soot Wash straight from the pot\n[04:05] and now we drybrush Saddle Tan\n[05:30] okay the lantern gets Old Brass\n[06:10] wash with Umber Wash", [
                'undercoat | primer | Black Primer', 'boots | basecoat | Boot Brown | x2', 'boots | wash | Soot Wash | straight', 'boots | drybrush | Saddle Tan', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'captions' => ["0:10 Coat - base - Oilskin Yellow\n0:45 Coat - shade - Umber Wash\n1:30 Coat - highlight - Chalk\n2:05 Rope - base - Driftwood", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Chalk', 'rope | basecoat | Driftwood']],
            'table' => ["| Part | Base | Shade | Highlight |\n|------|------|-------|-----------|\n| Coat | Oilskin Yellow | Umber Wash | Chalk |\n| Boots | Boot Brown | Soot Wash | Saddle Tan |\n| Lantern | Old Brass | Umber Wash | Lantern Brass |", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | highlight | Saddle Tan', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash', 'lantern | highlight | Lantern Brass']],
            'table of steps' => ["Area\tTechnique\tPaint\nCoat\tbasecoat\tOilskin Yellow\nCoat\twash\tUmber Wash 1:1 medium\nBoots\tbasecoat\tBoot Brown\nBoots\tdrybrush\tSaddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 1 : 1', 'boots | basecoat | Boot Brown', 'boots | drybrush | Saddle Tan']],
            'bullets and signs' => ["🧥 Coat\n• Base: Oilskin Yellow\n• Shade: Umber Wash\n• Highlight: Straw\n👢 Boots\n• Base: Boot Brown\n• Shade: Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'arrows' => ["Coat: Oilskin Yellow → Umber Wash → drybrush Straw\nLantern: Old Brass > Umber Wash > edge Lantern Brass", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash', 'lantern | edge-highlight | Lantern Brass']],
            'in short' => ["Coat, bc Oilskin Yellow, lyr Straw, ehl Chalk\nBoots: bc Boot Brown; db Saddle Tan; hl Straw", [
                'coat | basecoat | Oilskin Yellow', 'coat | layer | Straw', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | drybrush | Saddle Tan', 'boots | highlight | Straw']],
            'ratios in words' => ["Coat\nGlaze with one part Tide Teal to four parts medium\nWash with Umber Wash, 2 parts medium to 1 part wash\nHighlight: half Straw, half Chalk\nLayer Oilskin Yellow with 30% water", [
                'coat | glaze | Tide Teal | 1 : 4', 'coat | wash | Umber Wash | 1 : 2', 'coat | highlight | 1 Straw : 1 Chalk', 'coat | layer | Oilskin Yellow | 7 : 3']],
            'decimal commas' => ["Coat: base Oilskin Yellow, wash Umber Wash 1,5:1 medium, highlight Chalk 2:1", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 3 : 2', 'coat | highlight | Chalk | 2 : 1']],
            'several models in one' => ["# The warden\nCoat: Oilskin Yellow, Umber Wash\n# The ferryman\nShirt: Sailcloth, Umber Wash, drybrush Chalk\nTrousers: Harbour Blue", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'shirt | basecoat | Sailcloth', 'shirt | wash | Umber Wash', 'shirt | drybrush | Chalk', 'trousers | basecoat | Harbour Blue']],
            'shopping list first' => ["Paints you need:\n- Oilskin Yellow\n- Umber Wash\n- Boot Brown\n- Chalk\n\nCoat\nBase Oilskin Yellow, wash Umber Wash, edge highlight Chalk\nBoots\nBase Boot Brown", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown']],
            'markup' => ["<h2>Coat</h2><ul><li>Basecoat: Oilskin Yellow</li><li>Shade: Umber Wash &amp; a touch of Soot Wash</li></ul><h2>Base</h2><p>Drybrush Driftwood</p><script>base Chalk</script>", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | 4 Umber Wash : 1 Soot Wash', 'base | drybrush | Driftwood']],
            'stage by stage' => ["**Basecoats**\nCoat: Oilskin Yellow\nBoots: Boot Brown\nLantern: Old Brass\n\n**Washes**\nCoat: Umber Wash\nBoots: Soot Wash\n\n**Highlights**\nCoat: Straw\nBoots: Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'boots | basecoat | Boot Brown', 'lantern | basecoat | Old Brass', 'coat | wash | Umber Wash', 'boots | wash | Soot Wash', 'coat | highlight | Straw', 'boots | highlight | Saddle Tan']],
            'headings nobody knows' => ["Gubbins\nBase Old Brass\nWash Umber Wash\n\nTwiddly bits\nBase Boot Brown\nEdge highlight Saddle Tan", [
                'gubbins | basecoat | Old Brass', 'gubbins | wash | Umber Wash', 'twiddly-bits | basecoat | Boot Brown', 'twiddly-bits | edge-highlight | Saddle Tan']],
            'misspelled' => ["coat: base Oilskn Yelow, wsh Umber Wash, drybrush Strw\nboots: Boot Brwn", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown']],
            'many coats' => ["Coat: four coats of Oilskin Yellow, thinned 1:1 with water\nSails: Sailcloth, 2-3 thin coats\nHull: Harbour Blue, a couple of coats", [
                'coat | basecoat | Oilskin Yellow | x4', 'coat | basecoat | Oilskin Yellow | 1 : 1', 'sails | basecoat | Sailcloth | x3', 'hull | basecoat | Harbour Blue | x2']],
            'the end of it' => ["Coat: Oilskin Yellow\nThe base: Driftwood, drybrush Chalk, rim Boot Brown\nVarnish everything with Matt Varnish\nGloss Varnish on the lantern", [
                'coat | basecoat | Oilskin Yellow', 'base | basecoat | Driftwood', 'base | drybrush | Chalk', 'base | rim | Boot Brown', 'whole | matt-coat | Matt Varnish', 'lantern | gloss-spot | Gloss Varnish']],
            'with asides' => ["Coat first: basecoat Oilskin Yellow.\nLet it dry.\nWash with Umber Wash all over - take your time!\nClean your brush.\nHighlight the edges with Chalk.", [
                'coat-first | basecoat | Oilskin Yellow', 'coat-first | wash | Umber Wash | everywhere', 'coat-first | edge-highlight | Chalk']],
            'a mix of two' => ["Skin: 2 parts Ferry Flesh + 1 part Pale Flesh, Flesh Wash in the recesses, highlight Pale Flesh and a touch of Chalk", [
                'skin | basecoat | 2 Ferry Flesh : 1 Pale Flesh', 'skin | wash | Flesh Wash | recesses', 'skin | highlight | 4 Pale Flesh : 1 Chalk']],
            'zenithal' => ["Undercoat Black Primer, zenithal Bone Primer\nCloak: Tide Teal, glaze Tide Teal 1:9 medium\nEdge highlight Chalk", [
                'undercoat | primer | Black Primer', 'undercoat | spray-from-above | Bone Primer', 'cloak | basecoat | Tide Teal', 'cloak | glaze | Tide Teal | 1 : 9', 'cloak | edge-highlight | Chalk']],
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
                'oilskin | basecoat | Oilskin Yellow', 'oilskin | wash | Umber Wash', 'oilskin | layer | Oilskin Yellow', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | drybrush | Saddle Tan']],
            'recipe card' => ["COAT ....... Oilskin Yellow / Umber Wash / Straw\nBOOTS ...... Boot Brown / Soot Wash / Saddle Tan\nLANTERN .... Old Brass / Umber Wash / Lantern Brass", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'q and a' => ["Q: how did you do the cloak?\nA: Base of Harbour Blue, shaded with Indigo Wash, then two layers of Harbour Blue mixed with Chalk, 3:1 and then 1:1.\nQ: and the rope?\nA: just Driftwood with a wash of Umber Wash and a drybrush of Chalk", [
                'cloak | basecoat | Harbour Blue', 'cloak | wash | Indigo Wash', 'cloak | layer | 3 Harbour Blue : 1 Chalk', 'rope | basecoat | Driftwood', 'rope | wash | Umber Wash', 'rope | drybrush | Chalk']],
            'steps with letters' => ["a) Undercoat: Black Primer\nb) Coat: Oilskin Yellow (3 coats)\nc) Coat: Umber Wash, into the recesses\nd) Coat edges: Chalk\ne) Matt Varnish over everything", [
                'undercoat | primer | Black Primer', 'coat | basecoat | Oilskin Yellow | x3', 'coat | wash | Umber Wash | recesses', 'whole | matt-coat | Matt Varnish']],
            'terse' => ["coat oilskin yellow\ncoat wash umber wash\ncoat db straw\nboots boot brown\nboots wash soot wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'two columns' => ["Coat                Oilskin Yellow, Umber Wash\nBoots               Boot Brown, Soot Wash\nLantern             Old Brass, Umber Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'video transcript' => ["0:00 hello and welcome back\n0:45 so for the coat i'm using oilskin yellow thinned about one to one with water and i'm doing two coats\n2:30 after that it's umber wash straight into the folds\n4:10 then i take oilskin yellow and chalk two to one and pick out the edges\n6:00 moving on to the boots which are boot brown\n6:50 with soot wash over the top", [
                'coat | basecoat | Oilskin Yellow | 1 : 1', 'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash', 'coat | edge-highlight | 2 Oilskin Yellow : 1 Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'headings with dashes' => ["--- COAT ---\nOilskin Yellow (base)\nUmber Wash (shade)\nStraw (highlight)\n--- BOOTS ---\nBoot Brown (base)\nSoot Wash (shade)", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'diary' => ["Evening one: primed everything with Mid Grey Primer. Evening two: basecoats. Coat in Oilskin Yellow (two coats), boots in Boot Brown, lantern in Old Brass. Evening three: washed the coat and the lantern with Umber Wash, the boots with Soot Wash.", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow | x2', 'boots | basecoat | Boot Brown', 'lantern | basecoat | Old Brass', 'coat | wash | Umber Wash', 'lantern | wash | Umber Wash', 'boots | wash | Soot Wash']],
            'club sheet' => ["AREA: Coat\nBASE: Oilskin Yellow\nSHADE: Umber Wash\nHIGHLIGHT: Straw\n\nAREA: Boots\nBASE: Boot Brown\nSHADE: Soot Wash\nHIGHLIGHT: Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | highlight | Saddle Tan']],
            'imperatives' => ["Start by spraying the model with Black Primer.\nTake your Harbour Blue and cover the cloak in two thin layers.\nOnce that's dry, run Indigo Wash into the folds of the cloak.\nNow mix Harbour Blue with Chalk 2:1 and highlight the upper edges.\nFinish by sealing everything with Matt Varnish.", [
                'undercoat | primer | Black Primer', 'cloak | basecoat | Harbour Blue | x2', 'cloak | wash | Indigo Wash | recesses', 'whole | matt-coat | Matt Varnish']],
            'reply in a thread' => ["> what did you use for the lantern?\nOld Brass, washed with Umber Wash and edged with Lantern Brass.\n> and the face?\nFerry Flesh, Flesh Wash, then Pale Flesh on the nose and cheeks.", [
                'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash', 'lantern | edge-highlight | Lantern Brass', 'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash']],
            'plus signs' => ["Coat = Oilskin Yellow + Umber Wash + Straw drybrush\nBoots = Boot Brown + Soot Wash\nRope = Driftwood + Umber Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'rope | basecoat | Driftwood']],
            'nested list' => ["- Coat\n  - Base: Oilskin Yellow\n  - Wash: Umber Wash (1:1 with medium)\n  - Edges: Chalk\n- Boots\n  - Base: Boot Brown\n  - Wash: Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash | 1 : 1', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'long sentence' => ["I undercoated in Black Primer, based the coat with Oilskin Yellow, gave it a wash of Umber Wash, and picked out the edges with Chalk, while the boots got Boot Brown and a Soot Wash.", [
                'undercoat | primer | Black Primer', 'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'numbers before paints' => ["Coat\n1 Oilskin Yellow\n2 Umber Wash\n3 Straw (drybrush)\nBoots\n1 Boot Brown\n2 Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | drybrush | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'letter' => ["Dear Jo, here is what I did. The sails are Sailcloth with a wash of Umber Wash and then a light drybrush of Chalk. The hull is Harbour Blue, shaded with Indigo Wash. All the brass bits are Old Brass, washed with Umber Wash.", [
                'sails | basecoat | Sailcloth', 'sails | wash | Umber Wash', 'sails | drybrush | Chalk', 'hull | basecoat | Harbour Blue', 'hull | wash | Indigo Wash']],
            'caption under a photo' => ["Coat: Oilskin Yellow, shade Umber Wash, edges Chalk. Boots: Boot Brown, Soot Wash. Lantern: Old Brass.", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | edge-highlight | Chalk', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass']],
            'course notes' => ["1. Coat\n1.1 Basecoat - Oilskin Yellow, 2:1 with water\n1.2 Shade - Umber Wash\n1.3 Highlight - Straw\n2. Boots\n2.1 Basecoat - Boot Brown\n2.2 Shade - Soot Wash", [
                'coat | basecoat | Oilskin Yellow | 2 : 1', 'coat | wash | Umber Wash', 'coat | highlight | Straw', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'csv' => ["area,step,paint\ncoat,base,Oilskin Yellow\ncoat,wash,Umber Wash\nboots,base,Boot Brown\nboots,drybrush,Saddle Tan", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | drybrush | Saddle Tan']],
            'what next' => ["First the coat. Oilskin Yellow all over, two coats.\nNext, Umber Wash in the folds.\nNext the boots: Boot Brown.\nThen Soot Wash on them.\nLast, the lantern gets Old Brass and a wash of Umber Wash.", [
                'coat | basecoat | Oilskin Yellow | x2', 'coat | wash | Umber Wash | recesses', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'brackets' => ["Coat (Oilskin Yellow, Umber Wash, Straw)\nBoots (Boot Brown, Soot Wash)\nLantern (Old Brass, Umber Wash)", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'lantern | basecoat | Old Brass', 'lantern | wash | Umber Wash']],
            'paints first' => ["Oilskin Yellow: basecoat for the coat\nUmber Wash: shade for the coat\nBoot Brown: basecoat for the boots\nSoot Wash: shade for the boots", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'loud' => ["COAT!!! BASECOAT OILSKIN YELLOW, WASH UMBER WASH\nBOOTS!!! BOOT BROWN, SOOT WASH", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'magazine' => ["STAGE ONE\nThe coat was basecoated with Oilskin Yellow and then given a wash of Umber Wash.\n\nSTAGE TWO\nWhen dry, the coat was layered with Oilskin Yellow, leaving the wash in the recesses. Chalk was added to the mix for the final highlights.\n\nSTAGE THREE\nThe boots were painted with Boot Brown and washed with Soot Wash. Saddle Tan was drybrushed over them.", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'coat | layer | Oilskin Yellow', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'boots | drybrush | Saddle Tan']],
            'chat log' => ["jo: what's the yellow?\nme: Oilskin Yellow, coat only\nme: then Umber Wash on it\njo: boots?\nme: Boot Brown, Soot Wash", [
                'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash']],
            'checklist' => ["[ ] Prime: Mid Grey Primer\n[ ] Coat base: Oilskin Yellow\n[ ] Coat wash: Umber Wash\n[ ] Boots base: Boot Brown\n[ ] Boots wash: Soot Wash\n[ ] Varnish: Matt Varnish", [
                'undercoat | primer | Mid Grey Primer', 'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | basecoat | Boot Brown', 'boots | wash | Soot Wash', 'whole | matt-coat | Matt Varnish']],
            'formula' => ["Coat: OY base; UW wash 1:2 medium; OY+Chalk 2:1 hl", [
                'coat | basecoat | Oilskin Yellow']],
            'percent mixes' => ["Face\nBase: Ferry Flesh\nShade: Flesh Wash thinned with 50% medium\nHighlight: Ferry Flesh + Pale Flesh (1:1)\nHighlight 2: Pale Flesh", [
                'face | basecoat | Ferry Flesh', 'face | wash | Flesh Wash | 1 : 1', 'face | highlight | 1 Ferry Flesh : 1 Pale Flesh', 'face | highlight | Pale Flesh']],
            'order of work' => ["Boot Brown on the boots, Old Brass on the lantern, Oilskin Yellow on the coat.\nThen Umber Wash on the coat and Soot Wash on the boots.\nDrybrush the base with Driftwood.", [
                'boots | basecoat | Boot Brown', 'lantern | basecoat | Old Brass', 'coat | basecoat | Oilskin Yellow', 'coat | wash | Umber Wash', 'boots | wash | Soot Wash', 'base | drybrush | Driftwood']],
            'with reasons' => ["Cloak - Harbour Blue (two coats, because it is weak)\nCloak - Indigo Wash only where it is deep\nCloak - edges in Chalk so that it reads from afar", [
                'cloak | basecoat | Harbour Blue | x2', 'cloak | wash | Indigo Wash', 'cloak | edge-highlight | Chalk']],
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
