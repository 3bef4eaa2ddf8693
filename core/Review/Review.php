<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Planning\Customs;

/** Every rule there is, and what they say about a plan together. */
final class Review
{
    /**
     * The more exact rule speaks of a mistake, the other keeps quiet about it: on the same step, or anywhere in the same area.
     *
     * @var array<string, array{step: list<string>, area: list<string>}>
     */
    private const GIVES_WAY = [
        'coats-to-cover' => ['step' => ['weak-over-dark', 'transparent-over-dark'], 'area' => ['unprimed']],
        'weak-over-dark' => ['step' => ['transparent-over-dark'], 'area' => ['unprimed']],
        'flat-at-arms-length' => ['step' => [], 'area' => ['unprimed']],
        'aim-missed' => [
            'step' => [],
            'area' => [
                'unprimed', 'undercoat-lost', 'white-reads-blue', 'transparent-over-dark', 'weak-over-dark', 'black-wash-on-pale',
                'wash-too-strong',
            ],
        ],
        'drybrush-on-panel' => ['step' => ['thinned-drybrush'], 'area' => []],
        'rebase-skipped' => ['step' => [], 'area' => ['wash-too-strong', 'black-wash-on-pale']],
        'wash-too-strong' => ['step' => ['black-wash-on-pale'], 'area' => []],
    ];

    /** Rules that speak of how areas stand to each other from afar, rather than of one recipe. */
    private const OF_THE_SCHEME = ['neighbours-alike', 'whites-alike', 'blacks-alike', 'flat-at-arms-length'];

    public static function isOfTheScheme(Finding $finding): bool
    {
        return in_array($finding->rule, self::OF_THE_SCHEME, true);
    }

    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rules\UnsteadyOrder('unsteady-order'),
            new Rules\Unprimed('unprimed'),
            new Rules\GlossUndercoat('gloss-undercoat'),
            new Rules\GluedTooEarly('glued-too-early'),
            new Rules\WetStepInBatch('wet-step-in-batch'),
            new Rules\DriedTooShort('dried-too-short'),
            new Rules\TransparentOverDark('transparent-over-dark'),
            new Rules\WeakOverDark('weak-over-dark'),
            new Rules\CoatsToCover('coats-to-cover'),
            new Rules\OverthinnedMetallic('overthinned-metallic'),
            new Rules\BlotchyWash('blotchy-wash'),
            new Rules\WashTooStrong('wash-too-strong'),
            new Rules\WashAfterRepair('wash-after-repair', new Customs\WashesBeforeRepairs),
            new Rules\LiningLate('lining-late', new Customs\LiningBeforeLight),
            new Rules\HighlightNotLighter('highlight-not-lighter'),
            new Rules\HardToReach('hard-to-reach', new Customs\BehindFirst),
            new Rules\MessyAfterNeat('messy-after-neat', new Customs\MessyBeforeNeat),
            new Rules\EyesAfterFace('eyes-after-face', new Customs\EyesBeforeTheFaceIsLit),
            new Rules\DecalAfterGrime('decal-after-grime', new Customs\GrimeAfterDecals),
            new Rules\StreaksThinned('streaks-thinned'),
            new Rules\ThinnedDrybrush('thinned-drybrush'),
            new Rules\GlossLost('gloss-lost'),
            new Rules\PaintMissing('paint-missing'),
            new Rules\PotShort('pot-short'),
            new Rules\WeakPartDrybrushed('weak-part-drybrushed'),
            new Rules\DrybrushOnPanel('drybrush-on-panel'),
            new Rules\UndilutedPanel('undiluted-panel'),
            new Rules\SolventUnsealed('solvent-unsealed'),
            new Rules\DecalWithoutGloss('decal-without-gloss'),
            new Rules\ChippingUnsealed('chipping-unsealed'),
            new Rules\LiftsInk('lifts-ink'),
            new Rules\WhiteTooEarly('white-too-early'),
            new Rules\RedThroughWhite('red-through-white'),
            new Rules\ChalkyLight('chalky-light'),
            new Rules\BlackWashOnPale('black-wash-on-pale'),
            new Rules\RebaseSkipped('rebase-skipped'),
            new Rules\SparkleLost('sparkle-lost'),
            new Rules\OuterBeforeInner('outer-before-inner', new Customs\InnerFirst),
            new Rules\ChipWithoutFluid('chip-without-fluid'),
            new Rules\SketchFaint('sketch-faint'),
            new Rules\UndercoatWasted('undercoat-wasted'),
            new Rules\UndercoatLost('undercoat-lost'),
            new Rules\AimMissed('aim-missed'),
            new Rules\FlatAtArmsLength('flat-at-arms-length'),
            new Rules\NeighboursAlike('neighbours-alike'),
            Rules\NeutralTwins::whites('whites-alike'),
            Rules\NeutralTwins::blacks('blacks-alike'),
            new Rules\WhiteReadsBlue('white-reads-blue'),
            new Rules\NoRoom('no-room'),
            new Rules\CostlySlip('costly-slip'),
            new Rules\NoStop('no-stop'),
            new Rules\OpenArea('open-area'),
            new Rules\EmptyArea('empty-area'),
        ];
    }

    /** @return list<Finding> worst first, then in the order of the work */
    public static function of(Scene $scene): array
    {
        $findings = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->check($scene) as $finding) {
                $findings[] = $finding;
            }
        }
        $findings = array_values(array_filter($findings, static fn(Finding $one): bool => ! self::givesWay($one, $findings)));
        $findings = array_map(static fn(Finding $one): Finding => $scene->silences($one) ? $one->silenced() : $one, $findings);
        $place = static fn(Finding $one): int => $one->step === null ? -1 : $scene->order()->place($one->step) ?? -1;
        usort(
            $findings,
            static fn(Finding $one, Finding $other): int => [$one->severity->rank(), $place($one)] <=> [$other->severity->rank(), $place($other)],
        );

        return $findings;
    }

    /** @param list<Finding> $findings */
    private static function givesWay(Finding $finding, array $findings): bool
    {
        $to = self::GIVES_WAY[$finding->rule] ?? null;
        if ($to === null) {
            return false;
        }
        return array_any(
            $findings,
            static fn(Finding $other): bool => (in_array($other->rule, $to['step'], true) && $other->step === $finding->step)
                || (in_array($other->rule, $to['area'], true) && ($other->area === null || $other->area === $finding->area)),
        );
    }
}
