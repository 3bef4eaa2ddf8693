<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Exchange\BatchDocument;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CsvTable;
use Kalokroma\Exchange\DocumentChange;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\FieldsAt;
use Kalokroma\Exchange\FormVersion;
use Kalokroma\Exchange\Gpl;
use Kalokroma\Exchange\HabitReader;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Exchange\PlainText;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Exchange\RolesReader;
use Kalokroma\Exchange\SculptReader;
use Kalokroma\Exchange\SessionsReader;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Exchange\SquadFields;
use Kalokroma\Exchange\Upgrades;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\Squad;
use Kalokroma\Recipe\Plan;
use Tests\Core\AgreedTestCase;
use Tests\Core\AllEdits;
use Tests\Core\PlanSketch;
use Tests\Core\Told;
use Tests\Core\WildPlans;

final class AgreedTest extends AgreedTestCase
{
    private const CSVS = [
        "maker,range,code,name,kind,swatch,opacity,finish\nTarn,Core,T1,Slate,opaque,#445566,0.8,matt\nTarn,Core,T2,Gloss,varnish,,,gloss\n",
        "maker;range;code;name;kind;swatch\r\nTarn;Core;T1;\"Slate; dark\";opaque;#445566\r\n\r\n",
        "maker,code,name,kind,swatch\nTarn,T1,Slate,opaque,445566\nTarn,T1,Slate,opaque,#445566\nTarn,T3,,opaque,#445566\nTarn,T4,Rust,paste,#445566\nTarn,T5,Rust,opaque,\n",
        "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\nTarn,Core,T1,Slate,opaque,#445566,0.8,matt,17,340,4001\nTarn,Core,T2,Gloss,varnish,#ffffff,,gloss,,,\nTarn,Core,T3,Moss,wash,lab(52.1 -12.5 20.25),0.05,matt,24,,\nTarn,,T4,Clear,medium,lab(52.1 0 0),,matt,0.05,-1,\n",
        "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\nTarn,Core,T1,Slate,opaque,#445566,0.8,matt,17,340,4001\nTarn,Core,T2,Gloss,varnish,#ffffff,,gloss,,,\nTarn,Core,T3,Moss,wash,lab(52.1 -12.5 20.25),0.05,matt,24,,\nTarn,Core,T4,Clear,medium,lab(52.1 0 0),,matt,,,\n",
        "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\nTarn,,T1,Slate,opaque,,0.8,matt,17,340,\nTarn,,T1,Slate,opaque,#445566,1.8,dull,17,340,\nTarn,,T2,Slate,opaque,#445566,,matt,17,340,\nTarn,,T2,Rust,opaque,#445566,,matt,17,340,\n",
        "maker,code,pots,remaining_ml,note\nTarn,T1,2,17.5,half\nTarn,T2,-1,3,\nTarn,T3,1,9999999,\n,T4,1,2,\nTarn,T5,x,2,\n",
        "maker,code,pots,remaining_ml,note\nTarn,T1,2,17.5,half\nTarn,T2,,,\n",
        "maker,code,pots,remaining_ml,note\nTarn,T1,2,17.5,half\nTarn,T1,1,,\n",
        "maker,code,pots,ml\nTarn,T1,2,17.5\nTarn,T2,-1,3\nTarn,T3,1,9999999\n,T4,1,2\nTarn,T5,x,2\n", "code,pots\nT1,2\n",
        "set,maker,code,price\nBox,Tarn,T1,1250\nBox,Tarn,T2,1250\nOther,Tarn,T9,0\n,Tarn,T1,5\n",
        '', "a\n\"open", "\xEF\xBB\xBFmaker,code,name,kind,swatch\nTarn,=T1,-Slate,opaque,#445566\n", "maker,maker,code\n1,2,3\n",
        "maker,code,name,kind,swatch\nTarn,T,Slate,opaque,#445566\nTarn,T,Slate,opaque,#445566\n",
    ];

    protected function said(): iterable
    {
        for ($seed = 0; $seed < 14; $seed++) {
            $document = WildPlans::document(1300 + $seed);
            $read = PlanDocument::ofFile($document);
            $plan = $read->plan(DocumentPaints::of($read->fields));
            yield "plan $seed" => [
                self::sum(PlanWriter::write($plan)),
                FormVersion::of($document),
                $read->paintIds(),
                self::sum($read->tidied(DocumentPaints::of($read->fields))->fields),
            ];
        }
        yield from $this->faulty();
        yield from AllEdits::made();
        foreach (self::CSVS as $at => $csv) {
            yield "table $at" => [
                Told::answer(static fn(): array => CatalogueCsv::read($csv), 2),
                Told::answer(static fn(): array => ShelfCsv::read($csv, static fn(string $maker, string $code): bool => $code !== 'T3'), 2),
                Told::answer(static fn(): array => SetsCsv::read($csv, static fn(string $maker, string $code): bool => $code !== 'T9'), 2),
                self::thrown(static fn(): array => CsvTable::read($csv, ['maker' => true, 'code' => true])),
            ];
        }
        yield 'rows' => CsvTable::rows([['a', '=b', ' c', "\td", "e\r", 'f,g', '"h"', '＝i', '-1.5', '+2', '@j', '12']]);
        foreach (array_slice(self::CSVS, 3, 3) as $at => $csv) {
            yield "read and written $at" => self::thrown(static fn(): array => [
                CatalogueCsv::write(CatalogueCsv::read($csv)),
                array_map(static fn($row): mixed => Told::of($row->toPaint(), 2), CatalogueCsv::read($csv)),
                array_map(static fn($row): mixed => Told::of($row->toPaint('own')->swatch, 2), CatalogueCsv::read($csv)),
            ]);
        }
        foreach ([
            "GIMP Palette\nName: Sea\nColumns: 4\n# note\n10 20 30\tDeep (Tarn T1)\n255 0 0 Red\n",
            "GIMP Palette\n300 0 0 Red\n",
            "JASC\n1 2 3\n",
            "GIMP Palette\n1 2\n",
            '',
        ] as $at => $gpl) {
            yield "palette $at" => self::thrown(static fn(): array => [Told::of(Gpl::read($gpl), 3), Gpl::write(Gpl::read($gpl))]);
        }
        yield from $this->changed();
        yield from $this->others();
        yield from $this->limits();
        yield from $this->edges();
    }

    /** @return iterable<string, mixed> */
    private function faulty(): iterable
    {
        $sketch = PlanSketch::document(
            "undercoat black light bone\nloose arm\narea coat broad-folds main cloth\n basecoat navy 2:1 x2\n wash umber-wash\narea belt smooth-panel small leather touches coat part arm\n basecoat leather",
        );
        $wrong = [
            'name' => ['', str_repeat('a', 300), 5, null], 'version' => [0, 1, 2, 3, 4, '2', null], 'format' => ['plan', null],
            'model' => [null, [], ['name' => 'M'], 'x'],
            'undercoat' => [
                ['base' => 'gone'], ['base' => 'navy'], ['base' => 'black', 'coneDegrees' => 95], ['base' => 'black', 'waitMinutes' => -1],
                ['light' => 'bone'], 'x', null, ['base' => 'matt'],
            ],
            'areas' => [
                null,
                'x',
                [5],
                [[]],
                [$sketch['areas'][0], $sketch['areas'][0]],
                [['id' => 'a'] + $sketch['areas'][0], ['touches' => ['none']] + $sketch['areas'][1]],
            ],
            'order' => [['coat-2', 'coat-1'], ['none'], 'x', ['coat-1', 'coat-1'], [5]], 'locked' => [['none'], ['coat-1']],
            'stops' => [[['name' => '', 'after' => 'coat-1']], [['name' => 'a', 'after' => 'none']], 'x'],
            'wholeModel' => [
                [['id' => 'w', 'technique' => 'basecoat']],
                [['id' => 'coat-1', 'technique' => 'matt-coat']],
                'x',
                [['id' => 'w', 'technique' => 'nothing']],
            ],
            'silenced' => [[['rule' => 'none']], [['rule' => 'coats-to-cover', 'note' => str_repeat('a', 999)]], 'x'],
            'parts' => [[['id' => 'arm', 'name' => '']], [['id' => 'arm', 'name' => 'A'], ['id' => 'arm', 'name' => 'B']], []],
            'roles' => [[['id' => 'r', 'name' => '']], 'x', [['id' => 'r', 'name' => 'R'], ['id' => 'r', 'name' => 'S']]],
            'paints' => [null, [], [['id' => 'black']], 'x'], 'way' => ['x', ['order' => 'upside'], ['edges' => 'messy']],
        ];
        foreach (['', '#12345', '#1234567', 'red', '123456', '#GG0000', '#A1B2C3', null, 5] as $at => $swatch) {
            $paints = array_map(static fn(array $one): array => $one['id'] === 'navy' ? ['swatch' => $swatch] + $one : $one, $sketch['paints']);
            yield "swatch $at" => self::thrown(static fn(): array => array_map(
                static fn($one): string => "$one->name {$one->colour()->toSrgb()->hex()}",
                array_values(array_filter(self::plan(['paints' => $paints] + $sketch)->paints(), static fn($one): bool => $one->id === 'navy')),
            ));
        }
        foreach ($wrong as $field => $values) {
            foreach ($values as $at => $value) {
                yield "$field $at" => self::thrown(static fn(): string => self::plan([$field => $value] + $sketch)->name);
            }
        }
        $steps = [
            'technique' => ['nothing', null, 5],
            'mix' => [
                [['paint' => 'navy', 'parts' => 0]],
                [['paint' => 'navy', 'parts' => 100]],
                [['paint' => 'gone', 'parts' => 1]],
                [['paint' => 'matt', 'parts' => 1]],
                'x',
                [5],
                [],
                [['paint' => 'steel', 'parts' => 1], ['paint' => 'navy', 'parts' => 1]],
            ],
            'dilution' => [['paint' => 0, 'thinner' => 1], ['paint' => 1, 'thinner' => 500], ['paint' => 1, 'thinner' => 1, 'with' => 'beer'], 'x'],
            'coats' => [0, 13, 2.5, '2', 12], 'brush' => ['broom', null], 'place' => ['nowhere', null],
            'note' => [str_repeat('a', 5000), "a\x07", 5],
            'waitMinutes' => [-1, 99999, 30], 'second' => [
                ['mix' => [['paint' => 'sky', 'parts' => 1]], 'dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'water']],
                ['mix' => [['paint' => 'matt', 'parts' => 1]], 'dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'water']],
                ['mix' => [], 'dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'water']], ['mix' => [['paint' => 'sky', 'parts' => 1]]], 'x',
            ],
            'side' => ['left', 'north'], 'borders' => [['belt'], ['coat'], ['none'], 'x'],
            'load' => ['heavy', 'none'],
            'heads' => [[''], array_fill(0, 60, 'a'), ['left', 'right']], 'within' => ['coat-1', 'none'], 'optional' => ['yes', true],
            'perModel' => [true, 'x'], 'roles' => [['none'], 'x'], 'part' => ['arm', 'none'], 'id' => ['', 'coat-2', str_repeat('a', 200)],
            'spirit' => ['oil', 'x'], 'cone' => [5, 95],
        ];
        foreach ($steps as $field => $values) {
            foreach ($values as $at => $value) {
                $document = $sketch;
                $document['areas'][0]['steps'][0] = [$field => $value] + $document['areas'][0]['steps'][0];
                yield "step $field $at" => self::thrown(static fn(): array => [
                    Told::of(self::plan($document)->areas[0]->steps[0]->more, 1),
                    self::plan($document)->areas[0]->steps[0]->coats,
                ]);
            }
        }
        $areas = [
            'texture' => ['none', null], 'size' => ['huge', 'speck'], 'importance' => ['great', 'quiet'], 'material' => ['gold', 'bone'],
            'touches' => [['coat'], ['none'], 'x'], 'liesUnder' => [['coat'], ['belt']], 'behind' => [['coat'], ['belt']],
            'part' => ['none', 'arm'],
            'fragile' => [true, 'x'], 'ground' => [true], 'open' => [true], 'aim' => ['#123456', 'red', 5],
            'wish' => [['school' => 'x'], ['school' => 'layers', 'wishes' => ['brighter']], 'x'],
            'variants' => [[['id' => 'v', 'name' => 'V', 'steps' => []]], [['id' => '', 'name' => '']], 'x'], 'byTurns' => [true, 'x'],
            'cm2' => [0, 3.5], 'height' => [1.2, 0.5, -0.1], 'facing' => ['up', 'x'], 'name' => ['', 'Cape'],
        ];
        foreach ($areas as $field => $values) {
            foreach ($values as $at => $value) {
                $document = $sketch;
                $document['areas'][0] = [$field => $value] + $document['areas'][0];
                yield "area $field $at" => self::thrown(static fn(): array => array_diff_key(
                    PlanWriter::write(self::plan($document))['areas'][0],
                    ['steps' => 1],
                ));
            }
        }
    }

    /** @return iterable<string, mixed> */
    private function changed(): iterable
    {
        $documents = array_map(static fn(int $seed): array => WildPlans::document($seed), [1, 2, 3]);
        $plan = $documents[0];
        $changes = [
            ['name' => 'Other'],
            ['areas' => []],
            ['areas' => array_slice($plan['areas'], 1)],
            ['undercoat' => null],
            ['order' => ['x']],
            ['model' => ['heightMm' => 54] + $plan['model']],
            ['silenced' => [['rule' => 'a', 'note' => 'b']]],
            ['wholeModel' => []],
            ['parts' => [['id' => 'a', 'name' => 'Arm']]],
            ['stops' => [['name' => 'a', 'after' => 'b']]],
            ['roles' => [['id' => 'r', 'name' => 'R']]],
        ];
        foreach ($changes as $at => $change) {
            yield "change $at" => [DocumentChange::words($plan, $change + $plan), DocumentChange::words($change + $plan, $plan)];
        }
        foreach ([
            'coats' => 5, 'technique' => 'glaze', 'place' => 'tips', 'mix' => [], 'note' => 'x', 'brush' => 'fine', 'waitMinutes' => 9,
        ] as $field => $value) {
            $other = $plan;
            $other['areas'][1]['steps'][0] = [$field => $value] + ($other['areas'][1]['steps'][0] ?? ['id' => 's', 'technique' => 'wash']);
            yield "step's $field changed" => DocumentChange::words($plan, $other);
        }
        yield 'another plan' => [DocumentChange::words($documents[1], $documents[2]), DocumentChange::words($plan, $plan)];
        $read = PlanDocument::ofFile($plan);
        foreach ([
            [['areas', $plan['areas'][0]['id']], ['name' => 'New']],
            [[], ['name' => 'P']],
            [['areas', 'none'], ['name' => 'x']],
            [['model'], ['heightMm' => 60]],
            [['areas'], ['x' => 1]],
            [['areas', $plan['areas'][0]['id'], 'steps'], []],
        ] as $at => [$place, $fields]) {
            yield "set $at" => self::thrown(static fn(): array => [
                self::sum(FieldsAt::read(['at' => $place, 'fields' => $fields])->laidOn($read)->fields),
                FieldsAt::read(['at' => $place, 'fields' => $fields])->nowIn($read)?->fields,
            ]);
        }
        foreach ([['at' => 'x'], ['at' => [], 'fields' => 'x'], [], ['at' => [5], 'fields' => ['a' => 1]]] as $at => $told) {
            yield "set wrong $at" => self::thrown(static fn(): mixed => Told::of(FieldsAt::read($told), 1));
        }
    }

    /** @return iterable<string, mixed> */
    private function others(): iterable
    {
        $plan = PlanSketch::plan("undercoat grey\nrole leader\nrole rank\narea a skin main skin\n basecoat skin");
        foreach (['leader:1', 'rank:6', 'leader:1,rank:3', 'leader:1,:2', 'king:1', 'leader', 'leader:0', 'leader:400', ''] as $text) {
            yield "roles $text" => [
                Told::answer(static fn(): Squad => RolesReader::squad($text, $plan), 2),
                Told::answer(static fn(): Squad => RolesReader::squad($text, $plan, 6), 2),
            ];
        }
        foreach ([
            ['technique' => 'wash', 'coats' => 2],
            ['technique' => 'nothing'],
            ['technique' => 'wash', 'coats' => 0, 'minutes' => -1, 'dryMinutes' => 99_999_999],
            ['technique' => 'layer', 'paint' => 1, 'thinner' => 2, 'with' => 'beer', 'brush' => 'x', 'neatness' => 9],
        ] as $at => $habit) {
            yield "habit $at" => self::thrown(static fn(): array => HabitReader::write(HabitReader::one($habit)));
        }
        foreach ([
            '{"sessions":[{"start":"2026-12-01T18:00","minutes":90}]}',
            '{"sessions":[]}',
            '{',
            '[]',
            '{"sessions":[{"start":"tomorrow","minutes":5}]}',
            '{"sessions":[{"start":"2026-02-30T18:00","minutes":0}]}',
            '{"sessions":[{"start":"2026-12-01T18:00+02:00","minutes":90},{"start":"2026-12-01T16:30Z","minutes":60}]}',
        ] as $at => $json) {
            yield "sessions $at" => self::thrown(static fn(): mixed => Told::of(SessionsReader::json($json), 3));
        }
        foreach (['2026-12-01T18:00', '2026-12-01 18:00', '2026-02-30T10:00', 'x', '2026-12-01T18:00Z'] as $time) {
            yield "local $time" => SessionsReader::isLocal($time);
        }
        foreach ([
            ['a', 10, true], ['', 10, true], ['', 10, false], [str_repeat('a', 11), 10, false], ["a\x00", 10, false],
            ["\xff", 10, false], ["two\nlines", 20, false],
        ] as $at => [$text, $longest, $needed]) {
            yield "text $at" => [PlainText::complaint($text, $longest, $needed), PlainText::unknownWord($text, ['wash', 'layer', 'aaa'])];
        }
        foreach ([
            [],
            [['number' => 1, 'name' => 'Anna', 'role' => 'leader']],
            [['number' => 9]],
            [['number' => 1], ['number' => 1]],
            ['x'],
            [['number' => 2, 'ways' => ['a' => null], 'without' => ['a']]],
        ] as $at => $members) {
            yield "members $at" => self::thrown(static fn(): array => [
                Told::of(SquadFields::members($members, 4), 2),
                SquadFields::write(Squad::by($plan, SquadFields::members($members, 4))),
            ]);
        }
        $batch = [
            'format' => 'kalokroma-batch',
            'version' => 1,
            'plan' => PlanSketch::document("undercoat grey\narea a skin main skin\n basecoat skin x2"),
            'models' => 3,
            'log' => [['step' => 'a-1', 'models' => 2, 'coat' => 1, 'at' => '2026-01-02T03:04:05+00:00']],
        ];
        foreach ([
            [], ['format' => 'x'], ['version' => 2], ['plan' => null], ['models' => 0], ['models' => 'x'],
            ['log' => [['step' => 'none', 'models' => 1]]], ['log' => [['step' => 'a-1', 'models' => 99]]], ['log' => 'x'],
            ['skipped' => ['a-1', 5]], ['models' => [['name' => 'Anna', 'ways' => ['a' => null]], ['without' => ['a']], []]],
            ['models' => [['ways' => 'x']]], ['models' => [['ways' => array_fill(0, 500, 'a')]]], ['models' => [['ways' => ['a' => 5]]]],
            ['models' => [['role' => 'nobody']]], ['models' => [['name' => str_repeat('a', 99)]]],
            ['log' => [
                ['step' => 'a-1', 'coat' => 1, 'on' => [3, 1], 'at' => '2026-01-02T03:04Z', 'minutes' => 12, 'note' => 'thin', 'id' => 'one'],
                [
                    'step' => 'a-1',
                    'coat' => 2,
                    'models' => 1,
                    'at' => '2026-01-02T03:04:05+02:00',
                    'brush' => ['name' => 'Old', 'kind' => 'fine', 'isWorn' => true],
                ],
                ['step' => 'undercoat', 'models' => 3, 'at' => '2026-01-01T03:04:05Z', 'used' => ['mix' => [['paint' => 'grey', 'parts' => 1]]]],
            ]],
            ['log' => [['step' => 'a-1', 'models' => 1, 'at' => '2026-01-02'], ['step' => 'a-1', 'models' => 1, 'at' => '2026-13-02T03:04:05Z']]],
            [
                'log' => [[
                    'step' => 'a-1', 'models' => 1, 'at' => '2026-01-02T03:04:05Z', 'coat' => 0, 'minutes' => -1, 'note' => 5,
                    'brush' => ['kind' => 'broom'],
                ]],
            ],
            ['log' => [['step' => 'a-1', 'on' => [], 'at' => '2026-01-02T03:04:05Z']]],
            ['plan' => ['areas' => 5] + $batch['plan']],
        ] as $at => $change) {
            yield "batch $at" => self::thrown(static function () use ($batch, $change): array {
                $read = BatchDocument::read($change + $batch);

                return [Told::of($read->progress(), 2), array_diff_key(BatchDocument::write('B', '2026-01-01', [], $read), ['plan' => 1])];
            });
        }
        foreach ([1, 2, 3] as $version) {
            yield "upgraded from $version" => self::sum(Upgrades::toNewest(
                ['areas' => [['id' => 'a', 'steps' => [['id' => 's', 'technique' => 'dark-line']]]], 'version' => $version],
                $version,
            ));
        }
    }

    /** @return iterable<string, mixed> the last that is read, and the first that is not */
    private function edges(): iterable
    {
        $known = static fn(string $maker, string $code): bool => $code !== 'T9';
        foreach ([[60, 0, 0], [61, 0, 0], [5, 1, 999], [5, -1, 1000], [5, 0, 10_000_000], [5, 0, 10_000_001]] as $at => [$letters, $least, $most]) {
            $maker = str_repeat('m', $letters);
            yield "edge of tables $at" => [
                self::thrown(static fn(): mixed => ShelfCsv::read(
                    "maker,code,pots,remaining_ml,note\n$maker,T1,$least,1,\n$maker,T2,$most,,\n",
                    $known,
                )),
                self::thrown(static fn(): mixed => SetsCsv::read(
                    "maker,code,name,price,paints\n$maker,S1,Set,$least,T1 T2\n$maker,S2,Set,$most,T9\n",
                    $known,
                )),
                self::thrown(static fn(): mixed => count(CatalogueCsv::read(
                    "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\n$maker,,T1,Slate,opaque,#445566,0,matt,0.1,$most,\n",
                ))),
            ];
        }
        foreach ([
            null, 5, [], [1, 2], [1, 2, 3], [1, 2, '3'], [1, 2, 3, 4], ['a' => 1, 'b' => 2.5, 'c' => 3], [50.12345, 1.00049, -1.0005],
        ] as $at => $lab) {
            foreach ([['colour' => ['lab' => $lab]], ['film' => ['overBlack' => $lab, 'overWhite' => [90, 0, 0]]]] as $kind => $measured) {
                $in = DocumentReader::of($measured);
                $read = MeasuredFields::read($in, Kind::Opaque);
                yield "measured $kind $at" => [self::thrown(static fn() => $in->mustBeSound()), MeasuredFields::write($read)];
            }
        }
        foreach ([[], ['x'], [0], [1], [9], [10], [2, 2, 3], [2.0], range(1, 6), range(1, 7)] as $at => $numbers) {
            $in = DocumentReader::of(['on' => $numbers]);
            yield "wholes $at" => [$in->wholes('on', 6, 1, 9), self::thrown(static fn() => $in->mustBeSound())];
        }
        foreach ([29, 30, 31, 32] as $long) {
            yield "unknown word of $long" => PlainText::unknownWord(str_repeat('w', $long), ['one', 'two']);
        }
        foreach ([
            ['cm2' => 0.001], ['cm2' => 0.0009], ['height' => 0], ['height' => 0.5], ['height' => 1], ['height' => 1.01],
            ['facing' => 'up'], [],
        ] as $at => $fields) {
            $in = DocumentReader::of($fields);
            yield "sculpt $at" => [SculptReader::write(SculptReader::read($in)), self::thrown(static fn() => $in->mustBeSound())];
        }
        $roles = PlanSketch::plan("role leader\nrole rank\narea a skin small skin");
        foreach ([
            'leader:1', 'leader:0', ':1', 'leader:1,rank:59', 'leader:1,rank:60', 'leader:1,leader:2', 'leader:1, rank:2', 'none:1',
            'leader', 'rank:1000', '',
        ] as $text) {
            foreach ([null, 1, 3] as $models) {
                yield "roles '$text' of $models" => self::thrown(
                    static fn(): array => array_map(static fn($one): ?string => $one->role, RolesReader::squad($text, $roles, $models)->members),
                );
            }
        }
        foreach ([6, 7, 8, 9] as $deep) {
            $json = str_repeat('[', $deep).str_repeat(']', $deep);
            yield "sessions $deep deep" => self::thrown(static fn(): int => count(SessionsReader::json($json)->all));
        }
        foreach ([
            "\xEF\xBB\xBFGIMP Palette\n1 2 3\tA\n",
            "GIMP Palette\n".str_repeat("1 2 3\tA\n", 5000),
            "GIMP Palette\n".str_repeat("1 2 3\tA\n", 5001),
        ] as $at => $gpl) {
            yield "long palette $at" => self::thrown(static fn(): int => count(Gpl::read($gpl)->entries));
        }
        $document = PlanSketch::document("undercoat grey\narea a skin small skin\n basecoat navy 2:1\n wet-blend red over sky");
        $renamed = PlanDocument::of($document)->withPaintsCalled(['navy' => 'ours', 'sky' => 'air', 'grey' => 'ground', 'a' => 'b']);
        yield 'renamed' => [$renamed->fields['undercoat'], $renamed->fields['areas']];
        foreach (['medium', 'matt', 'navy', 'gone', 5] as $pot) {
            foreach ([['dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'medium', 'paintId' => $pot]],
                [
                    'second' => [
                        'mix' => [['paint' => $pot, 'parts' => 1]],
                        'dilution' => ['paint' => 2, 'thinner' => 1, 'with' => 'water', 'paintId' => $pot],
                    ],
                ]] as $at => $fields) {
                $told = $document;
                $told['areas'][0]['steps'][1] = $fields + $told['areas'][0]['steps'][1];
                yield "pot $pot $at" => self::thrown(static fn(): mixed => [
                    self::plan($told)->areas[0]->steps[1]->dilution->words(),
                    self::plan($told)->areas[0]->steps[1]->more->second?->dilution->words(),
                ]);
            }
        }
        $sound = PlanDocument::ofFile($document);
        $room = null;
        for ($bytes = PlanDocument::MOST_UNKNOWN - 40; $bytes < PlanDocument::MOST_UNKNOWN + 4 && $room === null; $bytes++) {
            $carried = PlanDocument::of(['theirs' => str_repeat('a', $bytes)] + $sound->fields);
            try {
                $carried->saying($sound->plan(DocumentPaints::of($sound->fields)));
            } catch (Faulty) {
                $room = $bytes;
            }
        }
        yield 'room for what is unknown' => $room;
    }

    /** @return iterable<string, mixed> the longest text and the least and largest number that each field takes, and text that it does not */
    private function limits(): iterable
    {
        $plan = PlanSketch::document(
            "undercoat black light bone\nloose arm\nrole leader\narea coat broad-folds main cloth\n basecoat navy 2:1 x2 note a wait 5\n variant teal\n"
                ." basecoat green\nstop rest coat-1\nsilence coats-to-cover",
        );
        $plan['undercoat'] += ['coneDegrees' => 45, 'waitMinutes' => 30];
        $plan['areas'][0] += ['cm2' => 3, 'height' => 1];
        $batch = [
            'format' => 'kalokroma-batch', 'version' => 1, 'plan' => $plan, 'models' => [['name' => 'Anna']],
            'log' => [[
                'id' => 'a', 'step' => 'coat-1', 'models' => 1, 'coat' => 1, 'at' => '2026-01-02T03:04:05Z', 'minutes' => 5, 'note' => 'a',
                'brush' => ['name' => 'Old', 'kind' => 'fine'],
            ]],
        ];
        $habit = ['technique' => 'wash', 'coats' => 2, 'paint' => 1, 'thinner' => 1, 'neatness' => 1, 'minutes' => 2, 'dryMinutes' => 5];
        foreach ([
            'plan' => [$plan, self::plan(...), [
                'name', 'model.name', 'areas.0.name', 'areas.0.steps.0.note', 'parts.0.name', 'roles.0.name', 'stops.0.name', 'silenced.0.note',
                'areas.0.variants.0.name', 'areas.0.variants.0.note', 'paints.0.id', 'paints.0.name', 'paints.0.maker', 'paints.0.code',
                'model.heightMm', 'undercoat.coneDegrees', 'undercoat.waitMinutes', 'areas.0.steps.0.coats', 'areas.0.steps.0.waitMinutes',
                'areas.0.cm2', 'areas.0.height', 'areas.0.steps.0.dilution.paint', 'areas.0.steps.0.dilution.thinner',
                'areas.0.steps.0.mix.0.parts',
            ]],
            'batch' => [$batch, BatchDocument::read(...), [
                'models', 'models.0.name', 'log.0.id', 'log.0.note', 'log.0.brush.name', 'log.0.coat', 'log.0.minutes', 'log.0.models',
            ]],
            'habit' => [$habit, HabitReader::one(...), ['coats', 'paint', 'thinner', 'neatness', 'minutes', 'dryMinutes']],
        ] as $what => [$document, $read, $fields]) {
            foreach ($fields as $field) {
                $takes = static function (mixed $value) use ($document, $read, $field): bool {
                    data_set($document, $field, $value);
                    try {
                        $read($document);

                        return true;
                    } catch (Faulty) {
                        return false;
                    }
                };
                $now = data_get($document, $field);
                yield "$what's $field" => is_string($now)
                    ? [self::most(static fn(int $long): bool => $takes(str_repeat('a', $long)), 1), $takes(''), $takes("a\x07"), $takes(5)]
                    : [
                        self::most(static fn(int $number): bool => $takes(-$number), is_int($now) ? -$now : -5),
                        self::most($takes, is_int($now) ? $now : 5), $takes('5'),
                        $takes(2.5), $takes(null),
                    ];
            }
        }
    }

    /**
     * @param callable(int): bool $goes
     *
     * @return int|null the largest number that goes, from one that should; null when that does not
     */
    private static function most(callable $goes, int $from): ?int
    {
        if (! $goes($from)) {
            return null;
        }
        $to = $from + 1;
        for ($step = 1; $goes($to) && $step < 1_000_000; $step *= 2) {
            [$from, $to] = [$to, $to + $step];
        }
        while ($to - $from > 1) {
            $half = intdiv($from + $to, 2);
            $goes($half) ? $from = $half : $to = $half;
        }

        return $from;
    }

    /** @param array<string, mixed> $document */
    private static function plan(array $document): Plan
    {
        $read = PlanDocument::ofFile($document);

        return $read->plan(DocumentPaints::of($read->fields));
    }

    /** Faults with their fields. */
    private static function thrown(callable $question): mixed
    {
        try {
            return Told::of($question());
        } catch (Faulty $faulty) {
            return array_map(static fn($one): string => trim("$one->field $one->message ".($one->row ?? '')), array_slice($faulty->faults, 0, 6));
        } catch (\Throwable $thrown) {
            return $thrown->getMessage();
        }
    }

    /** @param array<mixed> $fields */
    private static function sum(array $fields): string
    {
        return hash('crc32b', (string) json_encode(Told::of($fields, 9)));
    }
}
