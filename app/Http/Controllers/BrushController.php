<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\BrushRack;
use App\Http\Requests\PlainTextRule;
use App\Models\Batch;
use App\Models\OwnedBrush;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Kalokroma\Craft\Brush;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The brushes that are owned, and which of them to take. */
final class BrushController
{
    private const LONGEST_NAME = 60;

    public function index(): JsonResponse
    {
        return new JsonResponse(OwnedBrush::query()->orderBy('name')->orderBy('id')->get()->map(self::told(...))->all());
    }

    public function store(Request $request): JsonResponse
    {
        return new JsonResponse(self::told(BrushRack::add(self::wish($request))), 201);
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $wish = self::wish($request);

        return new JsonResponse(self::told(BrushRack::change(
            $id,
            $wish,
            $request->validate(['version' => ['required', 'integer:strict']])['version'],
        )));
    }

    public function destroy(string $id): JsonResponse
    {
        OwnedBrush::takeAway($id);

        return new JsonResponse(null, 204);
    }

    public function restore(string $id): JsonResponse
    {
        return new JsonResponse(self::told(OwnedBrush::bringBack($id)));
    }

    /** Those that could be taken for a step of a batch, what it asks for first, with what speaks against each. */
    public function forStep(string $id, string $step): JsonResponse
    {
        $planned = Batch::query()->findOrFail($id)->painted()->plan->step($step) ?? throw new NotFoundHttpException;
        $told = OwnedBrush::query()->orderBy('name')->orderBy('id')->get()->map(static function (OwnedBrush $one) use ($planned): array {
            $brush = $one->toCore(BrushRack::wasInMetal($one));

            return ['id' => $one->id, 'name' => $one->name, 'fits' => $brush->fits($planned), 'caution' => $brush->caution($planned)];
        })->all();
        usort(
            $told,
            static fn(array $one, array $other): int => [$other['fits'], $one['caution'] !== null] <=> [$one['fits'], $other['caution'] !== null],
        );

        return new JsonResponse($told);
    }

    /** @return array{name: string, kind: string, keepsMetal: bool, isWorn: bool} */
    private static function wish(Request $request): array
    {
        /** @var array{name: string, kind: string, keepsMetal?: bool, isWorn?: bool} $wish */
        $wish = $request->validate([
            'name' => ['required', 'string', new PlainTextRule(self::LONGEST_NAME)],
            'kind' => ['required', 'string', Rule::enum(Brush::class)->except([Brush::SprayCan, Brush::Airbrush])],
            'keepsMetal' => ['boolean:strict'],
            'isWorn' => ['boolean:strict'],
        ], ['name.required' => 'Give it a name by which you will know it again: its number, or what it looks like.']);

        return ['keepsMetal' => false, 'isWorn' => false, ...$wish];
    }

    /** @return array<string, mixed> */
    private static function told(OwnedBrush $brush): array
    {
        return [
            'id' => $brush->id,
            'name' => $brush->name,
            'kind' => $brush->kind->value,
            'keepsMetal' => $brush->keeps_metal,
            'isWorn' => $brush->is_worn,
            'version' => $brush->version,
        ];
    }
}
