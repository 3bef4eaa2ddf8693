<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use Illuminate\Support\Str;

/** Brushes as things: owned, kept for metal, worn out, and in the record. */
final class BrushTest extends HttpTestCase
{
    public function testABrushIsKeptChangedTakenOutAndPutBack(): void
    {
        $brush = $this->ask('POST', '/brushes', ['name' => 'Old faithful', 'kind' => 'medium'], 201);
        self::assertSame([false, false, 1], [$brush['keepsMetal'], $brush['isWorn'], $brush['version']]);
        $worn = $this->ask('PUT', "/brushes/$brush[id]", ['name' => 'Old faithful', 'kind' => 'medium', 'isWorn' => true, 'version' => 1]);
        self::assertSame([true, 2], [$worn['isWorn'], $worn['version']]);
        $this->ask('PUT', "/brushes/$brush[id]", ['name' => 'Older', 'kind' => 'medium', 'version' => 1], 409);
        $this->ask('DELETE', "/brushes/$brush[id]", null, 204);
        self::assertSame([], $this->ask('GET', '/brushes'));
        $this->ask('POST', "/brushes/$brush[id]/restore");
        self::assertSame(['Old faithful'], array_column($this->ask('GET', '/brushes'), 'name'));
        self::assertSame(['name'], self::fields($this->ask('POST', '/brushes', ['name' => '', 'kind' => 'medium'], 422)));
        self::assertSame(['kind'], self::fields($this->ask('POST', '/brushes', ['name' => 'Can', 'kind' => 'spray-can'], 422)));
    }

    /** What it was used for last is known from the record, and goes with it when that is taken back. */
    public function testTheRecordSaysWithWhichAndTheDeskWarnsAfterMetal(): void
    {
        $fit = $this->ask('POST', '/brushes', ['name' => 'Medium one', 'kind' => 'medium'], 201);
        $metal = $this->ask('POST', '/brushes', ['name' => 'Tin', 'kind' => 'large-base', 'keepsMetal' => true], 201);
        $batch = $this->ask('GET', '/batches/'.Batch::query()->where('name', 'Night shift')->firstOrFail()->id);
        $open = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['left'] > 0 && $one['mix'] !== null));
        $metallic = array_column(array_filter($batch['paints'], static fn(array $one): bool => $one['kind'] === 'metallic'), 'id');
        $isMetal = static fn(array $one): bool => array_diff(array_column($one['step']['mix'], 'paint'), $metallic) === [];
        [$brass, $colour] = [
            array_values(array_filter($open, $isMetal))[0],
            array_values(array_filter($open, static fn(array $one): bool => $one['areaName'] === 'Breeches'))[0],
        ];
        $cautions = fn(array $step): array => array_column(
            $this->ask('GET', "/batches/$batch[id]/steps/{$step['step']['id']}/brushes"),
            'caution',
            'name',
        );

        self::assertNull($cautions($colour)['Medium one']);
        self::assertStringContainsString('kept for metal', $cautions($colour)['Tin']);
        self::assertNull($cautions($brass)['Tin']);
        self::assertStringContainsString('is for colour', $cautions($brass)['Medium one']);
        $told = $this->ask(
            'POST',
            "/batches/$batch[id]/log",
            ['id' => (string) Str::ulid(), 'stepId' => $brass['step']['id'], 'models' => 1, 'brush' => $fit['id']],
            201,
        );
        self::assertStringContainsString('was in metal last', $cautions($colour)['Medium one']);
        $entry = $this->ask('GET', '/log')['entries'][0];
        self::assertSame('Medium one', $entry['brush']);
        self::assertNotSame([], $told['steps']);
        $this->ask('PUT', "/log/$entry[id]", ['models' => 1, 'brush' => $metal['id'], 'version' => $entry['version']]);
        self::assertSame('Tin', $this->ask('GET', '/log')['entries'][0]['brush']);
        $this->ask('DELETE', "/log/$entry[id]");
        self::assertNull($cautions($colour)['Medium one']);
        self::assertSame(
            ['brush'],
            self::fields($this->ask(
                'POST',
                "/batches/$batch[id]/log",
                ['id' => (string) Str::ulid(), 'stepId' => $brass['step']['id'], 'models' => 1, 'brush' => 'nobody'],
                422,
            )),
        );
        $this->ask('GET', "/batches/$batch[id]/steps/nobody/brushes", null, 404);
    }
}
