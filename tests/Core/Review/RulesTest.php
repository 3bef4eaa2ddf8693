<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Rule;
use Kalokroma\Review\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Every rule has a plan that raises it exactly once, a twin in which it keeps quiet, and mends that settle it. */
final class RulesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, int|null, list<string>|null}> rule, plan, twin, models, shelf */
    public static function cases(): iterable
    {
        foreach (self::pairs() as $rule => [$fires, $twin]) {
            $more = self::pairs()[$rule];
            yield $rule => [$rule, $fires, $twin, $more[2] ?? null, $more[3] ?? null];
        }
    }

    /** @param list<string>|null $shelf */
    #[DataProvider('cases')]
    public function testARuleSpeaksOnceAndItsTwinKeepsQuiet(string $rule, string $fires, string $twin, ?int $models, ?array $shelf): void
    {
        $found = self::found($rule, PlanSketch::plan($fires), $models, $shelf);

        self::assertCount(1, $found, 'It does not speak, or more than once.');
        self::assertNotSame('', $found[0]->words);
        self::assertNotSame('', $found[0]->why);
        self::assertNotSame('', $found[0]->otherSchool);
        self::assertSame([], self::found($rule, PlanSketch::plan($twin), $models, $shelf), 'The twin is no mistake.');
    }

    /** @param list<string>|null $shelf */
    #[DataProvider('cases')]
    public function testEveryMendSettlesItsFindingAndCanBeWrittenAndRead(
        string $rule,
        string $fires,
        string $twin,
        ?int $models,
        ?array $shelf,
    ): void {
        $plan = PlanSketch::plan($fires);
        [$finding] = self::found($rule, $plan, $models, $shelf);
        if ($rule !== 'pot-short') {
            self::assertNotSame([], $finding->mends, 'A warning without a mend is half a rule.');
        }
        foreach ($finding->mends as $mend) {
            $mended = $mend->edit->applyTo($plan);
            if ($rule !== 'pot-short') {
                $left = array_filter(self::found($rule, $mended, $models, $shelf), static fn(Finding $one): bool => ! $one->isSilenced);
                self::assertSame([], array_map(static fn(Finding $one): string => $one->why, array_values($left)), "Not settled by: $mend->label");
            }
            $written = PlanDocument::ofPlan($mended);
            self::assertSame($written->fields, PlanDocument::ofPlan($written->plan(DocumentPaints::of($written->fields)))->fields, $mend->label);
        }
    }

    /** Their coats do not add up: a brown is no ground for a green. */
    public function testStepsOfDifferentColoursDoNotGoOnWithEachOthersWork(): void
    {
        $found = self::found(
            'coats-to-cover',
            PlanSketch::plan("undercoat black\narea coat broad-folds main cloth\n basecoat purple x1\n basecoat orange x1"),
            null,
            null,
        );

        self::assertContains('coat-2', array_map(static fn(Finding $one): ?string => $one->step, $found));
    }

    /** @return iterable<string, array{string, string}> rule, plan: the exceptions matter as much as the rule */
    public static function exceptions(): iterable
    {
        $smooth = "undercoat bone\narea plate smooth-panel large";
        yield 'a recess wash has its joints to run into' => ['blotchy-wash', "$smooth armour\n basecoat leather\n wash umber-wash recesses"];
        yield 'metal takes a wash' => ['blotchy-wash', "$smooth metal\n basecoat steel\n wash black-wash"];
        yield 'a sprayed wash lies even' => ['blotchy-wash', "$smooth armour\n basecoat leather\n wash umber-wash brush airbrush"];
        yield 'scales hold a wash' => [
            'blotchy-wash',
            "undercoat bone\narea mail scales-or-chain large armour\n basecoat leather\n wash umber-wash",
        ];
        yield 'nobody means to cover where the brush is feathered' => [
            'coats-to-cover',
            "undercoat black\narea coat broad-folds main cloth\n basecoat navy x2\n highlight ivory x1",
        ];
        yield 'a weak thin coat over a sketch keeps it' => [
            'coats-to-cover',
            "undercoat black light bone\narea coat broad-folds main cloth\n basecoat red 1:2 x1",
        ];
        yield 'steps of nearly one colour add up' => [
            'coats-to-cover',
            "undercoat grey\narea coat broad-folds main cloth\n basecoat tan x1\n basecoat sand*1 tan*2 x1",
        ];
        yield 'a transparent over metal is a tint' => [
            'transparent-over-dark',
            "undercoat black\narea blade hard-edged-panel medium metal\n basecoat steel x1\n one-coat ruby",
        ];
        yield 'black over turquoise is meant to darken' => [
            'transparent-over-dark',
            "undercoat grey\narea coat broad-folds main cloth\n basecoat blue\n wash black-wash",
        ];
        yield 'metal thinned with medium is a wash' => [
            'overthinned-metallic',
            "undercoat black\narea blade hard-edged-panel medium metal\n basecoat steel x1\n wash brass 1:3",
        ];
        yield 'a glow rises in chroma' => [
            'highlight-not-lighter',
            "undercoat grey\narea lamp broad-folds medium cloth\n basecoat dark-brown x2\n basecoat sand x3\n highlight yellow*3 orange*1 x3",
        ];
        yield 'pink that is called so' => [
            'red-through-white',
            "undercoat grey\narea rose broad-folds main cloth named Pink-sash\n basecoat red x3\n highlight pink",
        ];
        yield 'a mask excuses spraying late' => [
            'messy-after-neat',
            "undercoat black\narea coat broad-folds main cloth touches blade\n basecoat navy x2\n highlight blue\n mask\n unmask\narea blade hard-edged-panel medium metal\n spray-layer steel\norder coat-1 coat-2 coat-3 blade-1 coat-4",
        ];
        yield 'varnished, solvents do no harm' => [
            'solvent-unsealed',
            "undercoat grey\narea hull hard-edged-panel main armour\n basecoat green\n gloss-spot gloss\n solvent-wash grime",
        ];
        yield 'a masked lens keeps its shine' => [
            'gloss-lost',
            "undercoat grey\narea lens smooth-panel small glass\n lens ruby\n mask\n unmask\nwhole\n matt-coat matt\norder lens-1 lens-2 whole-1 lens-3",
        ];
        yield 'light blue that was asked for' => [
            'white-reads-blue',
            "undercoat white\narea robe broad-folds main cloth aim #9fc0d8\n basecoat ice x3\n highlight snow x4",
        ];
        yield 'a part that is loose blocks nothing' => [
            'hard-to-reach',
            "loose p\narea arm broad-folds medium cloth behind face\n basecoat tan\narea face hard-edged-panel small armour part p\n basecoat steel\norder face-1 arm-1",
        ];
        yield 'two blacks of one stuff' => [
            'blacks-alike',
            "area boots close-folds medium leather\n basecoat coal\narea belt close-folds medium leather\n basecoat coal",
        ];
    }

    #[DataProvider('exceptions')]
    public function testARuleKnowsItsExceptions(string $rule, string $sketch): void
    {
        self::assertSame([], array_map(static fn(Finding $one): string => $one->why, self::found($rule, PlanSketch::plan($sketch), null, null)));
    }

    public function testEveryRuleIsTestedHere(): void
    {
        self::assertEqualsCanonicalizing(array_map(static fn(Rule $one): string => $one->id, Review::rules()), array_keys(self::pairs()));
    }

    public function testASilencedFindingIsStillListedButSaysSo(): void
    {
        $plan = PlanSketch::plan(self::pairs()['blotchy-wash'][0]."\nsilence blotchy-wash");
        [$finding] = self::found('blotchy-wash', $plan, null, null);

        self::assertTrue($finding->isSilenced);
    }

    public function testTooShortAWaitDoesNotHideABareSurfaceUnderASolvent(): void
    {
        $plan = PlanSketch::plan("undercoat grey\narea hull hard-edged-panel main armour\n basecoat green\n solvent-wash grime wait 5\n wipe-back");

        self::assertCount(1, self::found('dried-too-short', $plan, null, null));
        self::assertCount(1, self::found('solvent-unsealed', $plan, null, null));
    }

    public function testWorstComesFirst(): void
    {
        $plan = PlanSketch::plan('
            undercoat none
            area plate smooth-panel large armour
              basecoat red x9
              wash umber-wash
            area empty broad-folds medium cloth');
        $ranks = array_map(static fn(Finding $one): int => $one->severity->rank(), Review::of(Scene::of(Rehearsal::of($plan))));
        $sorted = $ranks;
        sort($sorted);

        self::assertSame($sorted, $ranks);
        self::assertGreaterThan(1, count(array_unique($ranks)));
    }

    /**
     * @param list<string>|null $shelf
     *
     * @return list<Finding>
     */
    private static function found(string $rule, Plan $plan, ?int $models, ?array $shelf): array
    {
        $owned = $shelf === null ? null : Shelf::of(
            array_values(array_map(static fn(string $id) => DocumentPaints::of(PlanSketch::document(''))->paints[$id], $shelf)),
            array_fill_keys($shelf, 1.0),
        );
        // Mends reach for what the plan names; a painter has more on the shelf.
        $owned ??= Shelf::of(array_values(array_filter(
            DocumentPaints::of(PlanSketch::document(''))->paints,
            static fn($paint): bool => $paint->id !== 'shiny',
        )));

        return array_values(array_filter(
            Review::of(Scene::of(Rehearsal::of($plan), $owned, $models)),
            static fn(Finding $one): bool => $one->rule === $rule,
        ));
    }

    /** @return array<string, array{0: string, 1: string, 2?: int|null, 3?: list<string>|null}> rule => plan, twin, models, shelf */
    private static function pairs(): array
    {
        return [
            'unprimed' => [
                "undercoat none\narea crate rope-or-grain main wood\n basecoat brown",
                "undercoat none\narea crate rope-or-grain main wood\n primer grey\n basecoat brown",
            ],
            'gloss-undercoat' => [
                "undercoat shiny\narea crate rope-or-grain main wood\n basecoat brown",
                "undercoat grey\narea crate rope-or-grain main wood\n basecoat brown",
            ],
            'transparent-over-dark' => [
                "undercoat black\narea robe broad-folds main cloth\n one-coat moss",
                "undercoat black\narea robe broad-folds main cloth\n one-coat moss\n layer green\n highlight lime",
            ],
            'weak-over-dark' => [
                "undercoat black\narea coat broad-folds main cloth\n basecoat yellow x5",
                "undercoat black\narea coat broad-folds small cloth\n basecoat yellow x5",
            ],
            'coats-to-cover' => [
                "undercoat black\narea coat broad-folds main cloth\n basecoat red x1",
                "undercoat black\narea coat broad-folds main cloth\n basecoat red x1\n basecoat red x2",
            ],
            'overthinned-metallic' => [
                "undercoat black\narea blade hard-edged-panel small metal\n basecoat steel 1:3",
                "undercoat black\narea blade hard-edged-panel small metal\n basecoat steel x1\n glaze brass 1:5",
            ],
            'blotchy-wash' => [
                "undercoat bone\narea plate smooth-panel large armour\n basecoat leather\n wash umber-wash",
                "undercoat bone\narea plate smooth-panel large armour\n basecoat leather\n wash umber-wash\n layer leather",
            ],
            'wash-too-strong' => [
                "undercoat white\narea robe close-folds large cloth\n basecoat ivory x3\n wash umber-wash 1:0",
                "undercoat white\narea robe close-folds large cloth\n basecoat ivory x3\n wash umber-wash 1:0\n layer ivory x3",
            ],
            'wash-after-repair' => [
                "area trim hard-edged-panel small metal touches cloth\n basecoat brass\n touch-up brass\narea cloth close-folds large cloth touches trim\n basecoat red x3\n wash umber-wash\norder trim-1 cloth-1 trim-2 cloth-2",
                "area trim hard-edged-panel small metal touches cloth\n basecoat brass\n touch-up brass\n touch-up brass\narea cloth close-folds large cloth touches trim\n basecoat red x3\n wash umber-wash\norder trim-1 cloth-1 trim-2 cloth-2 trim-3",
            ],
            'lining-late' => [
                "area plate hard-edged-panel large armour touches cloth\n basecoat red x3\n lining coal borders cloth\narea cloth close-folds large cloth touches plate\n basecoat blue\n highlight sky\norder plate-1 cloth-1 cloth-2 plate-2",
                "area plate hard-edged-panel large armour touches cloth\n basecoat red x3\n lining coal borders cloth\narea cloth close-folds large cloth touches plate\n basecoat blue\n highlight sky\norder plate-1 cloth-1 plate-2 cloth-2",
            ],
            'highlight-not-lighter' => [
                "area coat broad-folds main cloth\n basecoat blue\n highlight navy",
                "area coat broad-folds main cloth\n basecoat blue\n highlight navy lower",
            ],
            'white-too-early' => [
                "undercoat grey\narea robe broad-folds main cloth\n basecoat snow x5\n basecoat pale-grey",
                "undercoat grey\narea robe broad-folds main cloth\n basecoat mid-grey\n layer pale-grey\n edge-highlight snow",
            ],
            'red-through-white' => [
                "undercoat grey\narea cape broad-folds main cloth\n basecoat red x3\n highlight pink",
                "undercoat grey\narea cape broad-folds main cloth\n basecoat red x3\n highlight orange",
            ],
            'chalky-light' => [
                "undercoat grey\narea coat broad-folds main cloth\n basecoat purple x3\n highlight purple*1 snow*6",
                "undercoat grey\narea coat broad-folds main cloth\n basecoat purple x3\n highlight purple*1 snow*6\n glaze purple",
            ],
            'black-wash-on-pale' => [
                "undercoat grey\narea face skin medium skin\n basecoat skin x3\n wash black-wash 1:2",
                "undercoat grey\narea face skin medium skin\n basecoat skin x3\n wash black-wash 1:2 recesses",
            ],
            'thinned-drybrush' => [
                "undercoat black\narea pelt fur-or-feather main fur\n basecoat brown\n drybrush tan 2:1 water",
                "undercoat black\narea pelt fur-or-feather main fur\n basecoat brown\n patting tan 2:1 water",
            ],
            'drybrush-on-panel' => [
                "undercoat grey\narea hull smooth-panel main armour\n basecoat green x3\n drybrush lime",
                "undercoat grey\narea hull smooth-panel main armour\n basecoat green x3\n drybrush lime load dusting",
            ],
            'undiluted-panel' => [
                "undercoat grey\narea hull hard-edged-panel main armour\n basecoat green 1:0 x2",
                "undercoat grey\narea hull hard-edged-panel main armour\n basecoat green 1:0 x2 brush airbrush",
            ],
            'aim-missed' => [
                "undercoat grey\narea coat broad-folds main cloth aim #1f2f5c\n basecoat red x3",
                "undercoat grey\narea coat broad-folds main cloth aim #1f2f5c\n basecoat navy x2",
            ],
            'undercoat-lost' => [
                "undercoat white\narea hull hard-edged-panel main armour aim #1c1c1e\n edge-highlight mid-grey",
                "undercoat black\narea hull hard-edged-panel main armour aim #1c1c1e\n edge-highlight mid-grey",
            ],
            'rebase-skipped' => [
                "undercoat grey\narea coat broad-folds main cloth\n basecoat tan\n wash umber-wash 1:0\n highlight sand",
                "undercoat grey\narea coat broad-folds main cloth\n basecoat tan\n wash umber-wash 1:0\n layer tan\n highlight sand",
            ],
            'sparkle-lost' => [
                "undercoat black\narea blade hard-edged-panel medium metal\n basecoat steel x1\n glaze blue 1:5",
                "undercoat black\narea blade hard-edged-panel medium metal\n basecoat steel x1\n glaze blue 1:5\n edge-highlight bright-steel",
            ],
            'outer-before-inner' => [
                "area shirt close-folds medium cloth under coat touches coat\n basecoat tan\narea coat broad-folds main cloth touches shirt\n basecoat navy\norder coat-1 shirt-1",
                "area shirt close-folds medium cloth under coat touches coat\n basecoat tan\narea coat broad-folds main cloth touches shirt\n basecoat navy\n clean-up navy\norder coat-1 shirt-1 coat-2",
            ],
            'hard-to-reach' => [
                "area chest broad-folds medium cloth behind harp\n basecoat tan\n wash umber-wash\narea harp rope-or-grain small wood\n basecoat brown\norder chest-1 harp-1 chest-2",
                "area chest broad-folds medium cloth behind harp\n basecoat tan\n drybrush sand\narea harp rope-or-grain small wood\n basecoat brown\norder chest-1 harp-1 chest-2",
            ],
            'glued-too-early' => [
                "loose shield\narea arm broad-folds medium cloth behind face\n basecoat tan\n wash umber-wash\narea face hard-edged-panel medium armour part shield\n basecoat steel x1\nwhole\n glue-part part shield\norder arm-1 face-1 whole-1 arm-2",
                "loose shield\narea arm broad-folds medium cloth behind face\n basecoat tan\n wash umber-wash\narea face hard-edged-panel medium armour part shield\n basecoat steel x1\nwhole\n glue-part part shield\norder arm-1 face-1 arm-2 whole-1",
            ],
            'messy-after-neat' => [
                "undercoat black\narea coat broad-folds main cloth touches pelt\n basecoat navy x2\n highlight blue\narea pelt fur-or-feather medium fur touches coat\n basecoat dark-brown x1\n drybrush tan\norder pelt-1 coat-1 coat-2 pelt-2",
                "undercoat black\narea coat broad-folds main cloth touches pelt\n basecoat navy x2\n highlight blue\narea pelt fur-or-feather medium fur touches coat\n basecoat dark-brown x1\n drybrush tan\norder pelt-1 pelt-2 coat-1 coat-2",
            ],
            'eyes-after-face' => [
                "area face skin small skin touches eyes\n basecoat skin x3\n highlight skin-pale\narea eyes tiny-detail speck other touches face\n eye ivory\norder face-1 face-2 eyes-1",
                "area face skin small skin touches eyes\n basecoat skin x3\n highlight skin-pale\n touch-up skin\narea eyes tiny-detail speck other touches face\n eye ivory\norder face-1 face-2 eyes-1 face-3",
            ],
            'weak-part-drybrushed' => [
                "area plume fur-or-feather small fur fragile\n basecoat brown\n drybrush tan",
                "area plume fur-or-feather small fur\n basecoat brown\n drybrush tan",
            ],
            'wet-step-in-batch' => [
                "area cloak broad-folds main cloth\n wet-blend navy over blue batch",
                "area cloak broad-folds main cloth\n wet-blend navy over blue",
                5,
            ],
            'dried-too-short' => [
                "area coat broad-folds main cloth\n basecoat blue wait 5\n wash blue-wash",
                "area coat broad-folds main cloth\n basecoat blue wait 20\n wash blue-wash",
            ],
            'solvent-unsealed' => [
                "area hull hard-edged-panel main armour\n basecoat green\n solvent-wash grime",
                "area hull hard-edged-panel main armour\n basecoat green\n solvent-wash grime\nwhole\n satin-coat satin\norder hull-1 whole-1 hull-2",
            ],
            'decal-without-gloss' => [
                "area hull hard-edged-panel main armour\n basecoat green\n decal setting",
                "area hull hard-edged-panel main armour\n basecoat green\n gloss-spot gloss\n decal setting",
            ],
            'decal-after-grime' => [
                "area hull hard-edged-panel main armour\n basecoat green\n streaks grime\n decal setting",
                "area hull hard-edged-panel main armour\n basecoat green\n decal setting\n streaks grime",
            ],
            'chipping-unsealed' => [
                "area hull hard-edged-panel main armour\n basecoat leather\n chipping-fluid lifter\n basecoat green\n chip",
                "area hull hard-edged-panel main armour\n basecoat leather\n satin-coat satin\n chipping-fluid lifter\n basecoat green\n chip",
            ],
            'chip-without-fluid' => [
                "area hull hard-edged-panel main armour\n basecoat green\n chip",
                "area hull hard-edged-panel main armour\n basecoat green\n chip coal",
            ],
            'streaks-thinned' => [
                "area hull hard-edged-panel main armour\n basecoat green\n streaks grime 1:1 thinner",
                "area hull hard-edged-panel main armour\n basecoat green\n streaks grime 1:0",
            ],
            'gloss-lost' => [
                "area lens smooth-panel small glass\n lens ivory x3\n lens ruby\nwhole\n matt-coat matt\norder lens-1 lens-2 whole-1",
                "area lens smooth-panel small glass\n lens ivory x3\n lens ruby\n gloss-spot gloss\nwhole\n matt-coat matt\norder lens-1 lens-2 whole-1 lens-3",
            ],
            'lifts-ink' => [
                "undercoat white\narea robe close-folds main cloth\n glaze white-ink\n one-coat moss",
                "undercoat white\narea robe close-folds main cloth\n glaze white-ink wait 1440\n one-coat moss",
            ],
            'sketch-faint' => [
                "undercoat black light dim\narea coat broad-folds main cloth\n basecoat navy",
                "undercoat black light bone\narea coat broad-folds main cloth\n basecoat navy",
            ],
            'undercoat-wasted' => [
                "undercoat black light bone\narea mail scales-or-chain main metal\n basecoat steel x1",
                "undercoat black light bone\narea robe broad-folds main cloth\n one-coat moss",
            ],
            'flat-at-arms-length' => [
                "area coat broad-folds main cloth\n basecoat green",
                "area coat broad-folds main cloth\n basecoat green\n wash black-wash 1:0 x2\n highlight lime x3",
            ],
            'neighbours-alike' => [
                "area hat close-folds medium cloth touches coat\n basecoat tan\narea coat broad-folds medium cloth touches hat\n basecoat tan*3 sand*1",
                "area hat close-folds medium cloth touches coat\n basecoat tan\narea coat broad-folds medium cloth touches hat\n basecoat navy",
            ],
            'whites-alike' => [
                "undercoat white\narea wings fur-or-feather large fur\n basecoat ivory\narea sash close-folds medium cloth\n basecoat ivory",
                "undercoat white\narea wings fur-or-feather large cloth\n basecoat ivory\narea sash close-folds medium cloth\n basecoat ivory",
            ],
            'blacks-alike' => [
                "area boots close-folds medium leather\n basecoat coal\narea gun hard-edged-panel medium armour\n basecoat coal",
                "area boots close-folds medium leather\n basecoat coal\narea gun hard-edged-panel medium armour\n basecoat mid-grey",
            ],
            'white-reads-blue' => [
                "undercoat white\narea robe broad-folds main cloth\n basecoat ice x3\n highlight snow x4",
                "undercoat white\narea robe broad-folds main cloth\n basecoat pale-grey x3\n highlight snow x4",
            ],
            'no-room' => [
                "undercoat white\narea robe broad-folds main cloth\n basecoat snow\n highlight snow",
                "undercoat white\narea robe broad-folds main cloth\n basecoat pale-grey\n highlight snow",
            ],
            'costly-slip' => [
                "undercoat white\narea robe broad-folds main cloth touches belt\n basecoat yellow x4\narea belt close-folds small leather touches robe\n basecoat coal\norder robe-1 belt-1",
                "undercoat white\narea robe broad-folds main cloth touches belt\n basecoat yellow x4\narea belt close-folds small leather touches robe\n basecoat coal\norder belt-1 robe-1",
            ],
            'no-stop' => [
                "area coat broad-folds main cloth\n basecoat navy\n highlight blue",
                "area coat broad-folds main cloth\n basecoat navy\n highlight blue\nstop table-ready coat-1",
                5,
            ],
            'open-area' => [
                "area mark smooth-panel small other open\narea coat broad-folds main cloth\n basecoat navy\nwhole\n matt-coat matt",
                "area mark smooth-panel small other open\narea coat broad-folds main cloth\n basecoat navy",
            ],
            'empty-area' => [
                "area mark smooth-panel small other\narea coat broad-folds main cloth\n basecoat navy",
                "area mark smooth-panel small other open\narea coat broad-folds main cloth\n basecoat navy",
            ],
            'paint-missing' => [
                "area coat broad-folds main cloth\n basecoat purple",
                "area coat broad-folds main cloth\n basecoat purple optional",
                null,
                ['grey', 'navy'],
            ],
            'pot-short' => [
                "area coat broad-folds main cloth\n basecoat navy x3",
                "area coat broad-folds speck cloth\n basecoat navy x1",
                60,
                ['navy'],
            ],
            'unsteady-order' => [
                "area coat broad-folds main cloth\n basecoat navy\n highlight blue\norder coat-2 coat-1\nlocked coat-2",
                "area coat broad-folds main cloth\n basecoat navy\n highlight blue\norder coat-1 coat-2\nlocked coat-2",
            ],
        ];
    }
}
