<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanReader;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Paint\Kind;
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
        $once = PlanWriter::write(PlanReader::read($document, DocumentPaints::of($document)));
        $again = PlanWriter::write(PlanReader::read($once, DocumentPaints::of($once)));

        self::assertSame(json_encode($once), json_encode($again));
        self::assertEquals($document['areas'], $once['areas']);
        self::assertNull((new Validator)->validate(json_decode((string) json_encode($once)), $schema)->error());
    }

    public function testTheSchemaKnowsAllWordsOfTheCraft(): void
    {
        /** @var array{'$defs': array<string, array{properties: array<string, array{enum?: list<string>}>}>} $schema */
        $schema = json_decode((string) file_get_contents(self::ROOT.'/docs/formats/plan.schema.json'), true);

        self::assertSame(array_column(Technique::cases(), 'value'), $schema['$defs']['step']['properties']['technique']['enum'] ?? []);
        self::assertSame(array_column(Texture::cases(), 'value'), $schema['$defs']['area']['properties']['texture']['enum'] ?? []);
        self::assertSame(array_column(Kind::cases(), 'value'), $schema['$defs']['paint']['properties']['kind']['enum'] ?? []);
    }
}
