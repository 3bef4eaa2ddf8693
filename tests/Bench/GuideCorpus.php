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
