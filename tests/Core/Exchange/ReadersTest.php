<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Closure;
use Kalokroma\Exchange\BatchDocument;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\RolesReader;
use Kalokroma\Exchange\SessionsReader;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Exchange\SquadFields;
use Kalokroma\Illegal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** What is handed in as text: taken as it says, or refused with every fault at its row and field. */
final class ReadersTest extends TestCase
{
    private const CATALOGUE = "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n";

    /** @return iterable<string, array{string, string|null}> a row and the column that is at fault */
    public static function paints(): iterable
    {
        yield 'sound' => ['Own,,1,Reed,opaque,#3f6b35,0.8,matt,17,320,', null];
        yield 'at the bounds' => ['Own,,1,Reed,opaque,#3f6b35,1,matt,5000,10000000,', null];
        yield 'measured' => ['Own,,1,Reed,opaque,lab(41.2 14 18.5),,matt,,,', null];
        yield 'clear' => ['Own,,1,Reed,varnish,,,gloss,17,320,', null];
        yield 'no maker' => [',,1,Reed,opaque,#3f6b35,0.8,matt,17,320,', 'maker'];
        yield 'a long code' => ['Own,,'.str_repeat('x', 41).',Reed,opaque,#3f6b35,0.8,matt,17,320,', 'code'];
        yield 'no such kind' => ['Own,,1,Reed,glitter,#3f6b35,0.8,matt,17,320,', 'kind'];
        yield 'no such finish' => ['Own,,1,Reed,opaque,#3f6b35,0.8,shiny,17,320,', 'finish'];
        yield 'no colour' => ['Own,,1,Reed,opaque,,0.8,matt,17,320,', 'swatch'];
        yield 'no such colour' => ['Own,,1,Reed,opaque,#3f6b3,0.8,matt,17,320,', 'swatch'];
        yield 'too opaque' => ['Own,,1,Reed,opaque,#3f6b35,1.01,matt,17,320,', 'opacity'];
        yield 'less than nothing' => ['Own,,1,Reed,opaque,#3f6b35,-0.01,matt,17,320,', 'opacity'];
        yield 'no number' => ['Own,,1,Reed,opaque,#3f6b35,much,matt,17,320,', 'opacity'];
        yield 'no pot' => ['Own,,1,Reed,opaque,#3f6b35,0.8,matt,0,320,', 'volume_ml'];
        yield 'a barrel' => ['Own,,1,Reed,opaque,#3f6b35,0.8,matt,5000.1,320,', 'volume_ml'];
        yield 'parts of a cent' => ['Own,,1,Reed,opaque,#3f6b35,0.8,matt,17,3.2,', 'price'];
        yield 'too dear' => ['Own,,1,Reed,opaque,#3f6b35,0.8,matt,17,10000001,', 'price'];
    }

    #[DataProvider('paints')]
    public function testAPaintIsReadOrRefusedByItsColumn(string $row, ?string $column): void
    {
        $faults = self::faults(static fn(): array => CatalogueCsv::read(self::CATALOGUE."Own,,0,Tar,opaque,#222222,0.9,matt,17,320,\n$row\n"));

        self::assertSame($column === null ? [] : [[$column, 3]], $faults);
    }

    public function testShelfAndSetsNameWhatTheCatalogueKnowsAndNothingTwice(): void
    {
        $known = static fn(string $maker, string $code): bool => $maker === 'Own' && in_array($code, ['1', '2'], true);
        $shelf = static fn(string $rows): array => ShelfCsv::read("maker,code,pots,remaining_ml,note\n$rows", $known);

        [$one, $two] = $shelf("Own,1,,,\nOwn,2,3,12.5,half\n");
        self::assertSame([1, null, 3, 12.5, 'half'], [$one->pots, $one->remainingMl, $two->pots, $two->remainingMl, $two->note]);
        self::assertSame(
            [['code', 3], ['code', 4], ['pots', 5], ['remaining_ml', 6], ['code', 6]],
            self::faults(static fn(): array => $shelf("Own,1,1,,\nOwn,1,1,,\nElse,1,1,,\nOwn,2,1000,,\nOwn,2,1,50001,\n")),
        );
        $sets = static fn(string $rows): array => SetsCsv::read("maker,code,name,price,paints\n$rows", $known);
        self::assertSame(['1', '2'], $sets("Own,S,Start,900,1 2\n")[0]->codes);
        self::assertSame([['paints', 2], ['paints', 3]], self::faults(static fn(): array => $sets("Own,S,Start,900,1 9\nOwn,T,Empty,900,\n")));
    }

    public function testEveningsAreReadAndWhatIsNoTimeIsSaid(): void
    {
        $sessions = SessionsReader::json('[{"start":"2026-11-26T19:30:00+01:00","minutes":150}]');
        self::assertSame('2026-11-26T18:30:00+00:00', $sessions->all[0]->start->setTimezone(new \DateTimeZone('UTC'))->format(DATE_ATOM));
        self::assertSame([true, false, false], array_map(
            SessionsReader::isLocal(...),
            ['2026-11-26T19:30:00', '2026-11-26T19:30:00Z', '2026-11-26T19:30:00+01:00'],
        ));
        foreach (['2026-13-01T10:00:00Z', '2026-02-30T10:00:00Z', 'soon', ''] as $start) {
            $faults = self::faults(static fn(): object => SessionsReader::of(['sessions' => [['start' => $start, 'minutes' => 60]]]));
            self::assertSame([['sessions.0.start', null]], $faults, $start);
        }
        foreach ([0, 2.5, '60', 100_000] as $minutes) {
            $session = ['start' => '2026-11-26T19:30:00Z', 'minutes' => $minutes];
            $faults = self::faults(static fn(): object => SessionsReader::of(['sessions' => [$session]]));
            self::assertSame([['sessions.0.minutes', null]], $faults, (string) $minutes);
        }
        self::assertNotSame([], self::faults(static fn(): object => SessionsReader::json('[{')));
    }

    public function testWhoIsWhoIsReadInWordsAndAsItIsKept(): void
    {
        $plan = PlanSketch::plan("area coat broad-folds main cloth\n basecoat navy\nrole leader\nrole rank");
        $squad = static fn(string $text, ?int $models = null) => RolesReader::squad($text, $plan, $models);

        $roles = static fn($squad): array => array_values(array_map(static fn($one): ?string => $one->role, $squad->members));
        self::assertSame(['leader', 'rank', 'rank', null], $roles($squad('leader:1,rank:2,:1')));
        self::assertSame(['leader', null, null], $roles($squad('leader:1', 3)));
        foreach ([['captain:1', null], ['leader', null], ['leader:0', null], ['leader:61', null], ['leader:4', 3]] as [$text, $models]) {
            self::assertNotSame([], self::faults(static fn(): object => $squad($text, $models)), $text);
        }
        $kept = SquadFields::members([['name' => 'Ann', 'role' => 'leader', 'without' => ['hat', 3]], 'odd', ['name' => 7]], 3);
        self::assertSame(
            [[1, 'Ann', 'leader', ['hat']], [2, '', null, []], [3, '', null, []]],
            array_map(static fn($one): array => [$one->number, $one->name, $one->role, $one->without], $kept),
        );
    }

    public function testABatchFileSaysWhatItIs(): void
    {
        $plan = PlanSketch::document("area coat broad-folds main cloth\n basecoat navy x2");
        $batch = static fn(array $more): array => [
            'format' => 'kalokroma-batch', 'version' => 1, 'plan' => $plan, 'models' => 3,
            'log' => [['step' => 'coat-1', 'at' => '2026-11-30T19:30:00Z', 'on' => [1, 2], 'coat' => 1]], ...$more,
        ];
        $entry = ['step' => 'coat-1', 'at' => '2026-11-30T19:30:00Z', 'on' => [1]];
        self::assertSame([], self::faults(static fn(): object => BatchDocument::read($batch([]))));
        self::assertSame(1_796_067_000, BatchDocument::read($batch([]))->entries[0]->done->at);
        foreach ([
            [['format' => 'a batch'], 'format'], [['version' => 2], 'version'],
            [['log' => [[...$entry, 'at' => 'yesterday']]], 'log.0.at'], [['log' => [[...$entry, 'at' => '2026-11-30 19:30']]], 'log.0.at'],
        ] as [$more, $field]) {
            self::assertSame([[$field, null]], self::faults(static fn(): object => BatchDocument::read($batch($more))), $field);
        }
    }

    /** @return list<array{string, int|null}> field and row of each */
    private static function faults(Closure $read): array
    {
        try {
            $read();
        } catch (Faulty $faulty) {
            return array_map(static fn($one): array => [$one->field, $one->row], $faulty->faults);
        } catch (Illegal $illegal) {
            return [['', null]];
        }

        return [];
    }
}
