<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Source;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlanDocumentTest extends TestCase
{
    private const ROOT = __DIR__.'/../../..';

    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (glob(self::ROOT.'/resources/demo/plans/*.json') ?: [] as $file) {
            yield basename($file) => [(string) file_get_contents($file)];
        }
    }

    #[DataProvider('demoPlans')]
    public function testIsSoundBySchemaAndComesBackTheSame(string $json): void
    {
        $schema = json_decode((string) file_get_contents(self::ROOT.'/docs/formats/plan.schema.json'));
        $error = (new Validator)->validate(json_decode($json), $schema)->error();
        self::assertNull($error, $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error)));

        /** @var array<string, mixed> $document */
        $document = json_decode($json, true);
        $once = PlanDocument::of($document)->tidied(DocumentPaints::of($document))->fields;
        $again = PlanDocument::of($once)->tidied(DocumentPaints::of($once))->fields;

        self::assertSame(json_encode($once), json_encode($again));
        self::assertEquals($document['areas'], $once['areas']);
        self::assertNull((new Validator)->validate(json_decode((string) json_encode($once)), $schema)->error());
    }

    #[DataProvider('demoPlans')]
    public function testWhatIsNotKnownStaysInItsPlaceThroughEveryChange(string $json): void
    {
        $document = json_decode($json, true);
        $unknown = ['note-of-another' => 'äé', 'pieces' => [['id' => 'arm', 'name' => 'Arm']], 'nested' => ['a' => [1, 2, ['b' => null]]]];
        $last = count($document['areas']) - 1;
        $places = [
            '' => static fn(array &$d): array => $d = [...$d, ...$unknown],
            'model' => static fn(array &$d): array => $d['model'] = [...$d['model'], ...$unknown],
            'undercoat' => static fn(array &$d): array => $d['undercoat'] = [...$d['undercoat'], ...$unknown],
            'area' => static fn(array &$d): array => $d['areas'][$last] = [...$d['areas'][$last], ...$unknown],
            'step' => static fn(array &$d): array => $d['areas'][0]['steps'][1] = [...$d['areas'][0]['steps'][1], ...$unknown],
            'part of a mix' => static fn(array &$d): array => $d['areas'][0]['steps'][1]['mix'][0] = [
                ...$d['areas'][0]['steps'][1]['mix'][0],
                ...$unknown,
            ],
            'dilution' => static fn(array &$d): array => $d['areas'][0]['steps'][1]['dilution'] = [
                ...$d['areas'][0]['steps'][1]['dilution'],
                ...$unknown,
            ],
        ];
        foreach ($places as $place => $put) {
            $put($document);
            $kept = PlanDocument::of($document)->tidied(DocumentPaints::of($document))->fields;
            self::assertEquals($document['areas'], $kept['areas'], $place);
            self::assertEquals($document['undercoat'], $kept['undercoat'], $place);
            self::assertEquals($document['model'], $kept['model'], $place);
            self::assertSame($kept, PlanDocument::of($kept)->tidied(DocumentPaints::of($kept))->fields, $place);
        }

        // It goes where its step goes, and goes with it.
        $stepAway = $document;
        $stepAway['areas'][0]['steps'] = array_reverse($document['areas'][0]['steps']);
        array_pop($stepAway['areas'][$last]['steps']);
        self::assertEquals($stepAway['areas'], PlanDocument::of($stepAway)->tidied(DocumentPaints::of($stepAway))->fields['areas']);
    }

    public function testMoreThatIsNotKnownThanAPlanMayCarryIsRefused(): void
    {
        $document = json_decode((string) file_get_contents(self::ROOT.'/resources/demo/plans/ferry-warden.json'), true);
        $paints = DocumentPaints::of($document);
        $document['areas'][0]['more'] = str_repeat('x', PlanDocument::MOST_UNKNOWN - 200);
        self::assertSame($document['areas'][0]['more'], PlanDocument::of($document)->tidied($paints)->fields['areas'][0]['more']);

        $document['areas'][1]['more'] = str_repeat('x', 201);
        $this->expectException(Faulty::class);
        PlanDocument::of($document)->tidied($paints);
    }

    public function testTheSchemaKnowsAllWordsOfTheCraft(): void
    {
        /** @var array{'$defs': array<string, array{properties: array<string, array{enum?: list<string>}>}>} $schema */
        $schema = json_decode((string) file_get_contents(self::ROOT.'/docs/formats/plan.schema.json'), true);

        self::assertSame(
            array_column(CraftBook::standard()->techniques(), 'id'),
            $schema['$defs']['step']['properties']['technique']['enum'] ?? [],
        );
        self::assertSame(array_column(Texture::cases(), 'value'), $schema['$defs']['area']['properties']['texture']['enum'] ?? []);
        self::assertSame(array_column(Kind::cases(), 'value'), $schema['$defs']['paint']['properties']['kind']['enum'] ?? []);
        self::assertStringContainsString((string) json_encode(array_column(Source::cases(), 'value')), (string) json_encode($schema));
    }

    public function testAMeasuredPaintIsSoundBySchemaAndComesBackTheSame(): void
    {
        $document = json_decode((string) file_get_contents(self::ROOT.'/resources/demo/plans/ferry-warden.json'), true);
        $at = array_key_first(array_filter($document['paints'], static fn(array $paint): bool => $paint['kind'] === 'opaque'));
        $schema = json_decode((string) file_get_contents(self::ROOT.'/docs/formats/plan.schema.json'));
        foreach ([
            [
                'film' => [
                    'overBlack' => [30.1, 10.25, 12.5],
                    'overWhite' => [41.0, 14.0, 18.0],
                    'black' => [6.0, 0.0, 0.0],
                    'white' => [94.0, 0.0, 1.5],
                    'source' => 'reader',
                    'readings' => 3,
                ],
            ],
            [
                'colour' => ['lab' => [40.123, 14.5, 18.75], 'source' => 'photo', 'readings' => 2],
                'strength' => ['opacity' => 0.625, 'source' => 'mix', 'readings' => 1],
            ],
        ] as $measured) {
            $document['paints'][$at]['measured'] = $measured;
            $written = PlanDocument::of($document)->tidied(DocumentPaints::of($document))->fields;
            $paints = array_column($written['paints'], null, 'id');

            self::assertNull((new Validator)->validate(json_decode((string) json_encode($written)), $schema)->error());
            foreach ($measured as $what => $fields) {
                self::assertEquals($fields, $paints[$document['paints'][$at]['id']]['measured'][$what]);
            }
        }
    }
}
