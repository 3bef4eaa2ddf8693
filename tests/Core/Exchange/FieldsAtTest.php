<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\FieldsAt;
use Kalokroma\Exchange\PlanDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FieldsAtTest extends TestCase
{
    private const DOCUMENT = [
        'name' => 'Warden',
        'model' => ['name' => 'Warden', 'heightMm' => 32],
        'areas' => [
            ['id' => 'coat', 'name' => 'Coat', 'steps' => [['id' => 'base', 'coats' => 2], ['id' => 'wash', 'coats' => 1, 'mine' => ['a' => 1]]]],
            ['id' => 'belt', 'name' => 'Belt', 'steps' => []],
        ],
        'undercoat' => null,
    ];

    /**
     * @param list<string> $at
     * @param array<string, mixed> $fields
     * @param array<mixed> $expected
     */
    #[DataProvider('places')]
    public function testFieldsTakeTheirPlaceAndEverythingElseStays(array $at, array $fields, callable $read, array $expected): void
    {
        $document = PlanDocument::of(self::DOCUMENT);
        $set = FieldsAt::read(['at' => $at, 'fields' => $fields]);
        $after = $set->laidOn($document);

        self::assertSame($expected, $read($after->fields));
        self::assertFalse($set->areIn($document));
        self::assertTrue($set->areIn($after));
        self::assertTrue($set->nowIn($document)?->areIn($document));
        self::assertFalse($set->areIn($set->nowIn($document)->laidOn($after)));
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, callable, array<mixed>}> */
    public static function places(): iterable
    {
        yield 'the plan' => [
            [],
            ['name' => 'Ferry', 'undercoat' => ['base' => 'black']],
            static fn(array $all): array => [$all['name'], $all['undercoat'], $all['model']],
            ['Ferry', ['base' => 'black'], self::DOCUMENT['model']],
        ];
        yield 'the model' => [['model'], ['heightMm' => 40], static fn(array $all): array => $all['model'], ['name' => 'Warden', 'heightMm' => 40]];
        yield 'an area' => [
            ['areas', 'belt'],
            ['name' => 'Straps'],
            static fn(array $all): array => array_column($all['areas'], 'name'),
            ['Coat', 'Straps'],
        ];
        yield 'a step' => [
            ['areas', 'coat', 'steps', 'wash'],
            ['coats' => 3],
            static fn(array $all): array => $all['areas'][0]['steps'],
            [['id' => 'base', 'coats' => 2], ['id' => 'wash', 'coats' => 3, 'mine' => ['a' => 1]]],
        ];
        yield 'a field that was not there' => [
            ['areas', 'coat', 'steps', 'base'],
            ['note' => 'thin'],
            static fn(array $all): array => $all['areas'][0]['steps'][0],
            ['id' => 'base', 'coats' => 2, 'note' => 'thin'],
        ];
    }

    public function testAValueThatIsNotThereIsNullAndNothingElse(): void
    {
        $document = PlanDocument::of(self::DOCUMENT);
        $is = static fn(array $at, array $fields): bool => FieldsAt::read(['at' => $at, 'fields' => $fields])->areIn($document);

        self::assertTrue($is(['areas', 'coat'], ['note' => null]));
        self::assertFalse($is(['areas', 'coat'], ['note' => '']));
        self::assertFalse($is([], ['undercoat' => []]));
        self::assertTrue($is(['model'], ['heightMm' => 32.0]));
        self::assertFalse($is(['model'], ['heightMm' => '32']));
        self::assertTrue($is([], ['model' => ['heightMm' => 32, 'name' => 'Warden']]));
        self::assertFalse($is(['areas', 'coat'], ['steps' => array_reverse(self::DOCUMENT['areas'][0]['steps'])]));
        self::assertFalse($is(['areas', 'gone'], ['name' => 'Coat']));
    }

    public function testWhatIsGoneIsSaidAndKnown(): void
    {
        $set = FieldsAt::read(['at' => ['areas', 'coat', 'steps', 'gone'], 'fields' => ['coats' => 1]]);
        self::assertNull($set->nowIn(PlanDocument::of(self::DOCUMENT)));
        $this->expectExceptionMessage('not in the plan any more');
        $set->laidOn(PlanDocument::of(self::DOCUMENT));
    }

    /** @param array<mixed> $told */
    #[DataProvider('faults')]
    public function testWhatIsNoPlaceOrNoFieldsNamesItself(string $field, array $told): void
    {
        try {
            FieldsAt::read($told);
            self::fail('This was taken.');
        } catch (Faulty $faulty) {
            self::assertSame($field, $faulty->faults[0]->field);
        }
    }

    /** @return iterable<string, array{string, array<mixed>}> */
    public static function faults(): iterable
    {
        yield 'no place' => ['at', ['at' => 'areas', 'fields' => ['name' => 'x']]];
        yield 'too deep' => ['at', ['at' => array_fill(0, 9, 'areas'), 'fields' => ['name' => 'x']]];
        yield 'no fields' => ['fields', ['at' => []]];
        yield 'fields without names' => ['fields', ['at' => [], 'fields' => ['x', 'y']]];
        yield 'another id' => ['fields', ['at' => ['areas', 'coat'], 'fields' => ['id' => 'belt']]];
    }
}
