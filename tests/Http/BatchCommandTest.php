<?php

declare(strict_types=1);

namespace Tests\Http;

use Kalokroma\Batch\OwnBrush;
use Kalokroma\Craft\Brush;
use Kalokroma\Exchange\BatchDocument;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\Core\PlanSketch;

/** The commands on batch files, as others run them; and the file that the application writes. */
final class BatchCommandTest extends HttpTestCase
{
    private const SKETCH = "role leader\nundercoat none\narea coat broad-folds main cloth\n basecoat navy x2\n layer blue raised x1 only leader\narea plume fur-or-feather small fur only leader\n basecoat red x1";

    public function testProgressTellsPassesModelsAndWhatComesNext(): void
    {
        $answer = self::answered('kalokroma:progress', self::file(self::batch([
            ['step' => 'coat-1', 'coat' => 1, 'on' => [1, 3], 'at' => '2026-11-20T19:00:00Z'],
            ['step' => 'plume-1', 'models' => 1, 'at' => '2026-11-20T20:00:00Z'],
        ])));
        $passes = array_column($answer['passes'], null, 'step');

        self::assertSame(
            [3, 3, 1, 0.375, false, 'coat-1'],
            [$answer['models'], $answer['passesInAll'], $answer['passesDone'], $answer['share'], $answer['isFinished'], $answer['next']],
            'Three of eight coats.',
        );
        self::assertSame(
            [[1, 2, 3], 0, 3, 1, [2]],
            [
                $passes['coat-1']['models'],
                $passes['coat-1']['done'],
                $passes['coat-1']['left'],
                $passes['coat-1']['coat'],
                $passes['coat-1']['modelsLeft'],
            ],
        );
        self::assertSame([[1], 0, 1], [$passes['coat-2']['models'], $passes['coat-2']['done'], $passes['coat-2']['left']]);
        self::assertSame(['navy', 'blue'], array_values(array_filter(array_column($answer['toPour'], 'code'))), 'Red is poured and done.');
    }

    public function testAnEveningGoesOnFromTheLogAndTellsWhatDries(): void
    {
        $file = self::file(self::batch([['step' => 'coat-1', 'coat' => 1, 'on' => [1, 2, 3], 'at' => '2026-11-26T18:55:00Z']]));
        $sessions = self::file([['start' => '2026-11-26T19:00:00Z', 'minutes' => 600]]);
        $answer = self::answered('kalokroma:evening', $file, $file, "--sessions=$sessions");
        $mine = array_values(array_filter($answer['items'], static fn(array $one): bool => $one['batch'] === 0));

        self::assertSame(0, $answer['lackingMinutes']);
        self::assertSame(
            [2],
            array_values(array_unique(array_column(array_filter($mine, static fn(array $one): bool => $one['step'] === 'coat-1'), 'coat'))),
            'The first coat is done.',
        );
        self::assertSame([1], array_values(array_filter($mine, static fn(array $one): bool => $one['step'] === 'plume-1'))[0]['models']);
        self::assertEqualsCanonicalizing([0, 1], array_unique(array_column($answer['items'], 'batch')), 'Both share the desk.');
        self::assertSame(
            [[0, 'coat-1', 1, [1, 2, 3]], [1, 'coat-1', 1, [1, 2, 3]]],
            array_map(static fn(array $one): array => [$one['batch'], $one['step'], $one['coat'], $one['models']], $answer['dries']),
        );
        self::assertGreaterThan('2026-11-26T18:55', $answer['dries'][0]['until']);
    }

    public function testLogsTeachPaceAndOpacity(): void
    {
        $slow = static fn(int $at): array => [
            'step' => 'coat-1',
            'models' => 1,
            'at' => "2026-11-2{$at}T19:00:00Z",
            'minutes' => 400,
            'used' => ['mix' => [['paint' => 'navy', 'parts' => 1]], 'dilution' => ['paint' => 2, 'thinner' => 1, 'with' => 'water'], 'coats' => 4],
        ];
        $answer = self::answered('kalokroma:lessons', self::file(self::batch([$slow(0), $slow(1), $slow(2)])));

        self::assertSame(['basecoat', 3], [$answer['paces'][0]['technique'], $answer['paces'][0]['samples']]);
        self::assertGreaterThan($answer['paces'][0]['minutes'], $answer['paces'][0]['learned']);
        self::assertSame('navy', $answer['opacities'][0]['code']);
        self::assertLessThan($answer['opacities'][0]['before'], $answer['opacities'][0]['learned']);
        self::assertSame(3, $answer['allowance']['samples']);
    }

    public function testAFileOfTheApplicationIsReadAgainTheSame(): void
    {
        foreach ($this->ask('GET', '/batches')['batches'] as $brief) {
            $response = $this->json('GET', "/api/batches/$brief[id]/file");
            self::assertStringContainsString('attachment', (string) $response->headers->get('Content-Disposition'));
            $file = json_decode((string) $response->getContent(), true);
            $validator = new Validator;
            foreach (['plan', 'batch'] as $form) {
                $validator->resolver()?->registerFile(
                    "https://kalokroma.example/formats/$form.schema.json",
                    dirname(__DIR__, 2)."/docs/formats/$form.schema.json",
                );
            }
            $result = $validator->validate(json_decode((string) $response->getContent()), 'https://kalokroma.example/formats/batch.schema.json');
            self::assertTrue($result->isValid(), json_encode($result->error()?->args()) ?: '');
            $read = BatchDocument::read($file);
            self::assertEqualsWithDelta($brief['share'], round($read->progress()->tally->share(), 4), 1e-9, $brief['name']);
            self::assertSame($brief['passesDone'], $read->progress()->tally->passesDone());
        }
    }

    public function testTheBrushGoesWithTheRecord(): void
    {
        $brush = ['name' => 'Old sable', 'kind' => 'fine', 'keepsMetal' => true, 'isWorn' => false];
        $fields = self::batch([['step' => 'coat-1', 'models' => 1, 'at' => '2026-11-20T19:00:00Z', 'brush' => $brush]]);
        $batch = BatchDocument::read($fields);

        self::assertEquals(new OwnBrush('Old sable', Brush::Fine, true), $batch->entries[0]->brush);
        self::assertSame($brush, BatchDocument::write('Watch', '2026-11-20', $fields['plan'], $batch)['log'][0]['brush']);
    }

    /**
     * @param array<mixed> $batch
     * @param list<string> $fields
     */
    #[DataProvider('faulty')]
    public function testFaultsAreNamedByTheirField(array $batch, array $fields): void
    {
        $run = self::process('kalokroma:progress', self::file($batch), '--json');
        $run->run();

        self::assertSame(1, $run->getExitCode());
        $lines = array_values(array_filter(explode("\n", $run->getErrorOutput())));
        self::assertSame($fields, array_map(static fn(string $line): string => explode(':', $line)[0], $lines));
    }

    /** @return iterable<string, array{array<mixed>, list<string>}> */
    public static function faulty(): iterable
    {
        yield 'nothing' => [[], ['format']];
        yield 'from the future' => [['version' => 9] + self::batch([]), ['version']];
        yield 'a plan that is none' => [['plan' => []] + self::batch([]), ['plan.format']];
        yield 'no models' => [['models' => 0] + self::batch([]), ['models']];
        yield 'too many' => [['models' => 61] + self::batch([]), ['models']];
        yield 'a role that is not there' => [['models' => [['role' => 'chief']]] + self::batch([]), ['models.0.role']];
        yield 'no such brush' => [
            self::batch([['step' => 'coat-1', 'models' => 1, 'at' => '2026-11-20T19:00:00Z', 'brush' => ['name' => '', 'kind' => 'broom']]]),
            ['log.0.brush.name', 'log.0.brush.kind'],
        ];
        yield 'entries that cannot be' => [
            self::batch([
                ['step' => 'coat-1', 'on' => [0, 61], 'at' => '2026-11-20T19:00:00Z'],
                ['step' => 'coat-1', 'models' => 1, 'at' => 'yesterday'],
            ]),
            ['log.0.on.0', 'log.0.on.1', 'log.1.at'],
        ];
    }

    public function testWrongWordsEndWithTwo(): void
    {
        foreach ([
            ['kalokroma:progress', 'nowhere.json'],
            ['kalokroma:evening', self::file(self::batch([]))],
            ['kalokroma:progress', self::file(self::batch([])), '--models=3'],
        ] as $words) {
            $run = self::process(...$words);
            $run->run();
            self::assertSame(2, $run->getExitCode(), implode(' ', $words));
        }
    }

    /**
     * @param list<array<string, mixed>> $log
     *
     * @return array<string, mixed>
     */
    private static function batch(array $log): array
    {
        return [
            'format' => 'kalokroma-batch',
            'version' => 1,
            'name' => 'Watch',
            'models' => [['name' => 'Ferrel', 'role' => 'leader'], [], []],
            'skipped' => [],
            'plan' => ['version' => 3] + PlanSketch::document(self::SKETCH),
            'log' => $log,
        ];
    }

    /** @param array<mixed> $content */
    private static function file(array $content): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'batch');
        file_put_contents($file, json_encode($content));

        return $file;
    }

    /** @return array<string, mixed> */
    private static function answered(string ...$words): array
    {
        $run = self::process(...[...$words, '--json']);
        $run->run();
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());

        return json_decode($run->getOutput(), true, 64, JSON_THROW_ON_ERROR);
    }

    private static function process(string ...$words): Process
    {
        return new Process([PHP_BINARY, dirname(__DIR__, 2).'/artisan', ...$words]);
    }
}
