<?php

declare(strict_types=1);

namespace Kalokroma\Review;

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
            new Rules\UnsteadyOrder,
            new Rules\Unprimed,
            new Rules\GlossUndercoat,
            new Rules\GluedTooEarly,
            new Rules\WetStepInBatch,
            new Rules\DriedTooShort,
            new Rules\TransparentOverDark,
            new Rules\WeakOverDark,
            new Rules\CoatsToCover,
            new Rules\OverthinnedMetallic,
            new Rules\BlotchyWash,
            new Rules\WashTooStrong,
            new Rules\WashAfterRepair,
            new Rules\LiningLate,
            new Rules\HighlightNotLighter,
            new Rules\HardToReach,
            new Rules\MessyAfterNeat,
            new Rules\EyesAfterFace,
            new Rules\DecalAfterGrime,
            new Rules\StreaksThinned,
            new Rules\ThinnedDrybrush,
            new Rules\GlossLost,
            new Rules\PaintMissing,
            new Rules\PotShort,
            new Rules\WeakPartDrybrushed,
            new Rules\DrybrushOnPanel,
            new Rules\UndilutedPanel,
            new Rules\SolventUnsealed,
            new Rules\DecalWithoutGloss,
            new Rules\ChippingUnsealed,
            new Rules\LiftsInk,
            new Rules\WhiteTooEarly,
            new Rules\RedThroughWhite,
            new Rules\ChalkyLight,
            new Rules\BlackWashOnPale,
            new Rules\RebaseSkipped,
            new Rules\SparkleLost,
            new Rules\OuterBeforeInner,
            new Rules\ChipWithoutFluid,
            new Rules\SketchFaint,
            new Rules\UndercoatWasted,
            new Rules\UndercoatLost,
            new Rules\AimMissed,
            new Rules\FlatAtArmsLength,
            new Rules\NeighboursAlike,
            new Rules\WhitesAlike,
            new Rules\BlacksAlike,
            new Rules\WhiteReadsBlue,
            new Rules\NoRoom,
            new Rules\CostlySlip,
            new Rules\NoStop,
            new Rules\OpenArea,
            new Rules\EmptyArea,
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
        foreach ($findings as $other) {
            if ((in_array($other->rule, $to['step'], true) && $other->step === $finding->step)
                || (in_array($other->rule, $to['area'], true) && ($other->area === null || $other->area === $finding->area))) {
                return true;
            }
        }

        return false;
    }
}
