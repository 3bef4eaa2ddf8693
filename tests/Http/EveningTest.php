<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Support\StoppedClock;
use DateTimeImmutable;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Psr\Clock\ClockInterface;
use Symfony\Component\Process\Process;

/** When the painter sits down and what for: a week, single days, dates, and what must go for a day. */
final class EveningTest extends HttpTestCase
{
    private const WEEK = [
        ['weekday' => 1, 'from' => '19:30', 'minutes' => 90],
        ['weekday' => 3, 'from' => '20:00', 'minutes' => 120],
        ['weekday' => 6, 'from' => '14:00', 'minutes' => 240],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-26 12:00:00');
    }

    public function testWithoutHoursNothingIsPlannedAndHowMuchThereIsToDoIsSaid(): void
    {
        $this->ask('PUT', '/evenings/week', ['hours' => []]);
        $agenda = $this->ask('GET', '/evenings');

        self::assertSame([], $agenda['evenings']);
        self::assertCount(14, $agenda['days']);
        self::assertGreaterThan(600, $agenda['lackingMinutes']);
        self::assertSame([null], array_values(array_unique(array_column(array_column($agenda['batches'], 'finished'), 'at'))));
    }

    public function testAWeekFillsWithWhatIsLeftAndEachBatchHasItsDateWithASpread(): void
    {
        $agenda = $this->ask('PUT', '/evenings/week', ['hours' => self::WEEK]);

        self::assertSame(['2026-11-28', '2026-11-30', '2026-12-02'], array_slice(array_column($agenda['evenings'], 'day'), 0, 3));
        self::assertSame('2026-11-28T14:00:00+00:00', $agenda['evenings'][0]['start']);
        $batches = array_column($agenda['batches'], null, 'name');
        self::assertSame(['Night shift', 'The Provost, for the midwinter show'], array_keys($batches));
        self::assertSame('table-ready', $batches['Night shift']['stops'][0]['name']);
        self::assertGreaterThanOrEqual(3, $batches['Night shift']['samples']);
        foreach ($batches as $batch) {
            foreach ([$batch['finished'], ...$batch['stops']] as $dates) {
                self::assertLessThanOrEqual($dates['at'], $dates['soonest']);
                self::assertGreaterThanOrEqual($dates['at'], $dates['latest']);
            }
        }
        self::assertLessThan($batches['Night shift']['finished']['latest'], $batches['Night shift']['finished']['soonest']);
        // The Provost is planned for later and is not begun before.
        foreach ($agenda['evenings'] as $evening) {
            foreach ($evening['items'] as $item) {
                self::assertTrue($item['batchName'] === 'Night shift' || $evening['day'] >= '2026-12-08');
                self::assertGreaterThanOrEqual($evening['start'], $item['start']);
                self::assertLessThanOrEqual($evening['end'], $item['end']);
            }
        }
    }

    public function testAMissedEveningIsPlannedAnewAndWhatIsDoneStays(): void
    {
        $before = $this->ask('PUT', '/evenings/week', ['hours' => self::WEEK]);
        $day = $before['days'][2];
        self::assertSame('2026-11-28', $day['day']);

        $after = $this->ask('PUT', '/evenings/days/2026-11-28', ['sittings' => [], 'version' => $day['version']]);

        self::assertSame('2026-11-30', $after['evenings'][0]['day']);
        self::assertTrue($after['days'][2]['isOtherwise']);
        self::assertGreaterThan($before['batches'][0]['finished']['at'], $after['batches'][0]['finished']['at']);
        self::assertSame(17, array_column($this->ask('GET', '/batches')['batches'], 'passesDone', 'name')['Night shift']);
        $this->ask('PUT', '/evenings/days/2026-11-28', ['sittings' => [], 'version' => $day['version']], 409);
        $back = $this->ask('PUT', '/evenings/days/2026-11-28', ['sittings' => null, 'version' => $after['days'][2]['version']]);
        self::assertSame($before['batches'][0]['finished']['at'], $back['batches'][0]['finished']['at']);
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'no length' => ['PUT', '/evenings/week', ['hours' => [['weekday' => 1, 'from' => '19:30', 'minutes' => 0]]], 'hours.0.minutes'];
        yield 'no time' => ['PUT', '/evenings/week', ['hours' => [['weekday' => 1, 'from' => '25:30', 'minutes' => 60]]], 'hours.0.from'];
        yield 'no day of the week' => [
            'PUT',
            '/evenings/week',
            ['hours' => [['weekday' => 8, 'from' => '19:30', 'minutes' => 60]]],
            'hours.0.weekday',
        ];
        yield 'one over the other' => [
            'PUT',
            '/evenings/week',
            ['hours' => [['weekday' => 1, 'from' => '19:30', 'minutes' => 60], ['weekday' => 1, 'from' => '20:00', 'minutes' => 60]]],
            'hours',
        ];
        yield 'a day that is over' => [
            'PUT',
            '/evenings/days/2026-11-25',
            ['sittings' => [['from' => '19:30', 'minutes' => 60]], 'version' => 0],
            'day',
        ];
        yield 'no day' => ['PUT', '/evenings/days/2026-02-30', ['sittings' => [], 'version' => 0], 'day'];
        yield 'over each other on a day' => [
            'PUT',
            '/evenings/days/2026-12-25',
            ['sittings' => [['from' => '19:30', 'minutes' => 60], ['from' => '20:29', 'minutes' => 60]], 'version' => 0],
            'sittings',
        ];
        yield 'no minutes at all' => ['GET', '/evenings/moment?minutes=0', [], 'minutes'];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsSaidByItsFieldAndChangesNothing(string $method, string $path, array $body, string $field): void
    {
        $before = $this->ask('GET', '/evenings');

        self::assertContains($field, self::fields($this->ask($method, $path, $body, 422)));
        self::assertSame($before['week'], $this->ask('GET', '/evenings')['week']);
        self::assertSame($before['days'], $this->ask('GET', '/evenings')['days']);
    }

    public function testASessionUnderWayIsCutToWhatIsLeftOfIt(): void
    {
        $this->ask('PUT', '/evenings/week', ['hours' => [['weekday' => 4, 'from' => '19:30', 'minutes' => 120]]]);
        $this->travelTo('2026-11-26 20:12:00');

        $evening = $this->ask('GET', '/evenings')['evenings'][0];

        self::assertSame([true, '2026-11-26T20:10:00+00:00', 80], [$evening['isNow'], $evening['start'], $evening['minutes']]);
    }

    public function testClocksArePutForwardAndBackInTheNightAndSessionsKeepTheirHour(): void
    {
        $this->ask('PUT', '/settings', ['zone' => 'Europe/Lisbon']);
        $this->travelTo('2027-03-26 12:00:00');
        $agenda = $this->ask(
            'PUT',
            '/evenings/week',
            [
                'hours' => [
                    ['weekday' => 6, 'from' => '19:30', 'minutes' => 60],
                    ['weekday' => 7, 'from' => '01:30', 'minutes' => 60],
                    ['weekday' => 7, 'from' => '19:30', 'minutes' => 60],
                ],
            ],
        );

        $starts = array_column($agenda['evenings'], 'start');
        self::assertSame(['2027-03-27T19:30:00+00:00', '2027-03-28T02:30:00+01:00', '2027-03-28T19:30:00+01:00'], array_slice($starts, 0, 3));
        foreach ($agenda['evenings'] as $evening) {
            self::assertSame(3600, strtotime($evening['end']) - strtotime($evening['start']));
        }
    }

    public function testSoManyMinutesAreFilledAndSomethingElseIsOffered(): void
    {
        $this->ask('PUT', '/evenings/week', ['hours' => self::WEEK]);

        $moment = $this->ask('GET', '/evenings/moment?minutes=25');

        self::assertNotSame([], $moment['items']);
        self::assertLessThanOrEqual(25, array_sum(array_column($moment['items'], 'minutes')) - count($moment['items']));
        self::assertNotSame([], $moment['others']);
        foreach ($moment['others'] as $other) {
            self::assertNotContains($other['stepId'], array_column($moment['items'], 'stepId'));
        }
    }

    public function testWhatMustGoForADayIsOptionalOrALastLightNeverTheShade(): void
    {
        $agenda = $this->ask('PUT', '/evenings/week', ['hours' => self::WEEK]);
        $batch = array_column($agenda['batches'], null, 'name')['Night shift'];
        $finished = substr($batch['finished']['at'], 0, 10);

        self::assertEquals(
            ['isMet' => true, 'leaveOut' => []],
            array_diff_key($this->ask('POST', '/evenings/deadline', ['batchId' => $batch['id'], 'day' => $finished]), ['at' => 0]),
        );
        $sooner = date('Y-m-d', (int) strtotime("$finished -4 days"));
        $answer = $this->ask('POST', '/evenings/deadline', ['batchId' => $batch['id'], 'day' => $sooner]);
        self::assertNotSame([], $answer['leaveOut']);
        foreach ($answer['leaveOut'] as $step) {
            self::assertTrue($step['isOptional'] || in_array($step['label'], ['Highlight', 'Edge highlight', 'Last points'], true), $step['label']);
        }
        if ($answer['isMet']) {
            self::assertLessThanOrEqual($sooner, substr($answer['at'], 0, 10));
        }
        self::assertFalse($this->ask('POST', '/evenings/deadline', ['batchId' => $batch['id'], 'day' => '2026-11-27'])['isMet']);
        self::assertSame(['day'], self::fields($this->ask('POST', '/evenings/deadline', ['batchId' => $batch['id'], 'day' => '2026-11-20'], 422)));

        // Left out, they are planned no more; taken in again, they are.
        $left = $this->ask(
            'PUT',
            "/batches/$batch[id]/desk",
            ['rests' => false, 'skipped' => array_column($answer['leaveOut'], 'stepId'), 'version' => $batch['version']],
        );
        $then = array_column($this->ask('GET', '/evenings')['batches'], null, 'name')['Night shift'];
        self::assertLessThanOrEqual($sooner, substr($then['finished']['at'], 0, 10));
        $this->ask('PUT', "/batches/$batch[id]/desk", ['rests' => false, 'skipped' => [], 'version' => $left['version']]);
        self::assertSame(
            $batch['finished']['at'],
            array_column($this->ask('GET', '/evenings')['batches'], null, 'name')['Night shift']['finished']['at'],
        );
    }

    public function testABatchThatRestsHasNoPartInTheEvenings(): void
    {
        $batch = array_column($this->ask('GET', '/batches')['batches'], null, 'name')['Night shift'];
        $rested = $this->ask('PUT', "/batches/$batch[id]/desk", ['rests' => true, 'skipped' => [], 'version' => $batch['version']]);

        self::assertTrue($rested['rests']);
        self::assertSame(['The Provost, for the midwinter show'], array_column($this->ask('GET', '/evenings')['batches'], 'name'));
        self::assertSame(
            ['skipped.0'],
            self::fields($this->ask(
                'PUT',
                "/batches/$batch[id]/desk",
                ['rests' => false, 'skipped' => ['none'], 'version' => $rested['version']],
                422,
            )),
        );
    }

    public function testTheCalendarOpensInAnotherLibrary(): void
    {
        $this->ask('PUT', '/evenings/week', ['hours' => self::WEEK]);
        $evenings = array_values(array_filter(
            $this->ask('GET', '/evenings?days=60')['evenings'],
            static fn(array $one): bool => $one['items'] !== [],
        ));

        $file = $this->get('/api/evenings/calendar');

        self::assertStringStartsWith('text/calendar', (string) $file->headers->get('Content-Type'));
        $script = 'import ICAL from "ical.js"; let text = ""; process.stdin.on("data", (part) => text += part).on("end", () => {
            const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents("vevent").map((one) => new ICAL.Event(one));
            console.log(JSON.stringify(events.map((one) => [one.summary, one.startDate.toJSDate().toISOString(), one.endDate.toJSDate().toISOString(), one.uid])));
        });';
        $read = new Process(['node', '--input-type=module', '-e', $script], base_path(), null, (string) $file->getContent());
        $read->mustRun();
        /** @var list<array{string, string, string, string}> $events */
        $events = json_decode($read->getOutput(), true);
        self::assertSame(count($events), count(array_unique(array_column($events, 3))));
        $painting = array_values(array_filter($events, static fn(array $one): bool => str_starts_with($one[0], 'Painting')));
        self::assertSame((new DateTimeImmutable($evenings[0]['start']))->getTimestamp(), (new DateTimeImmutable($painting[0][1]))->getTimestamp());
        self::assertGreaterThanOrEqual(count($evenings), count($painting));
        self::assertContains('Night shift: table-ready', array_column($events, 0));
    }

    public function testWhatDriesIsToldFromWhatWasRecordedAndThroughARestart(): void
    {
        $batch = $this->ask(
            'GET',
            '/batches/'.array_column($this->ask('GET', '/batches')['batches'], null, 'name')['The Provost, for the midwinter show']['id'],
        );
        $this->app->instance(ClockInterface::class, new StoppedClock(new DateTimeImmutable('2026-11-26T12:00:00Z')));
        $this->ask('POST', "/batches/$batch[id]/log", ['id' => (string) Str::ulid(), 'stepId' => 'undercoat', 'models' => 1, 'coat' => 1], 201);

        $clocks = array_values(array_filter(
            $this->ask('GET', '/clocks')['clocks'],
            static fn(array $one): bool => $one['batchId'] === $batch['id'],
        ));
        self::assertSame(
            ['undercoat', 1, [1], '2026-11-26T12:10:00+00:00', 'dry'],
            [$clocks[0]['stepId'], $clocks[0]['coat'], $clocks[0]['models'], $clocks[0]['until'], $clocks[0]['kind']],
        );
        $step = $this->ask('GET', "/batches/$batch[id]")['steps'][0];
        self::assertSame([2, [1, 0], '2026-11-26T12:10:00Z', 0], [$step['coat'], $step['coatsDone'], $step['readyAt'], $step['done']]);
        $this->ask('PUT', '/settings', ['room' => ['celsius' => 12, 'humidity' => 70]]);
        self::assertGreaterThan($clocks[0]['until'], $this->ask('GET', '/clocks')['clocks'][0]['until']);
    }
}
