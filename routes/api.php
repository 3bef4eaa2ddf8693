<?php

declare(strict_types=1);

use App\Http\Controllers\AmountController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BeginningController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BottleColourController;
use App\Http\Controllers\BrushController;
use App\Http\Controllers\BudgetController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\CraftController;
use App\Http\Controllers\DeskController;
use App\Http\Controllers\DrawdownController;
use App\Http\Controllers\EveningController;
use App\Http\Controllers\FigureController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HabitController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\KeptMixController;
use App\Http\Controllers\LessonController;
use App\Http\Controllers\ListController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LogExportController;
use App\Http\Controllers\MapController;
use App\Http\Controllers\MeasuredMixController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\MusterController;
use App\Http\Controllers\NamedPotController;
use App\Http\Controllers\PaintController;
use App\Http\Controllers\PaintFileController;
use App\Http\Controllers\PaintGuessController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PinnedPhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanHistoryController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PriceController;
use App\Http\Controllers\PrimingController;
use App\Http\Controllers\PurchaseController;
use App\Http\Controllers\ReaderController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\RoundTripController;
use App\Http\Controllers\ScannerController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SettingController;
use App\Http\Controllers\SharedRecipeController;
use App\Http\Controllers\SlipController;
use App\Http\Controllers\SprayDayController;
use App\Http\Controllers\SquadController;
use App\Http\Controllers\StarterController;
use App\Http\Controllers\SubstituteController;
use App\Http\Controllers\UndercoatController;
use App\Http\Controllers\WayController;
use App\Http\Controllers\WrittenGuideController;
use App\Http\Middleware\OnceOnly;
use Illuminate\Support\Facades\Route;

Route::get('craft', CraftController::class)->middleware('kept:settings');
Route::get('handbook', HandbookController::class)->middleware('kept:settings');
Route::get('bench', BenchController::class)->middleware('kept:batches,log_entries,plans,products,pots,settings,days,slips,device_states,minute');
Route::get('sets', SetController::class)->middleware('kept:paint_sets,paint_set_product,products,pots,hand_prices,settings,day');
Route::get('starters', [StarterController::class, 'index']);
Route::post('starters/{id}', [StarterController::class, 'load']);
Route::post('shelf/named/look', [NamedPotController::class, 'look'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::post('shelf/named', [NamedPotController::class, 'put']);
Route::post('shelf/back', [NamedPotController::class, 'takeBack']);
Route::get('paint-guess', PaintGuessController::class);
Route::put('craft/habits/{technique}', [HabitController::class, 'update']);
Route::get('find', FindController::class);
Route::put('desk', DeskController::class)->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::get('settings', [SettingController::class, 'show']);
Route::put('settings', [SettingController::class, 'update']);
Route::post('kept-mixes/{id}/restore', [KeptMixController::class, 'restore']);
Route::apiResource('kept-mixes', KeptMixController::class)->parameters(['kept-mixes' => 'id'])->only(['index', 'store', 'destroy']);
Route::get('shelf/map', MapController::class)->middleware([
    'kept:products,pots,plans,plan_product,log_entries,batches,settings,paint_sets,paint_set_product,hand_prices,day',
    'in-turn',
]);

Route::post('mixes', MixController::class)->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::post('lists', [ListController::class, 'pasted'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::get('plans/{id}/mends', MendController::class)->middleware(['kept:plans,products,pots,settings', 'in-turn']);
Route::get('plans/{id}/needs', [ListController::class, 'plan'])->middleware('kept:plans,products,pots,settings');

Route::post('purchases/advice', [PurchaseController::class, 'advice'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::post('purchases', [PurchaseController::class, 'store']);
Route::put('paints/{id}/price', [PriceController::class, 'paint']);
Route::put('sets/{id}/price', [PriceController::class, 'set']);

Route::apiResource('photos', PhotoController::class)->parameters(['photos' => 'id'])->only(['store', 'show', 'destroy']);
Route::get('photos/{id}/look', [PhotoController::class, 'look']);
Route::post('photos/{id}/readings', [PhotoController::class, 'readings']);
Route::get('devices/reader', [ReaderController::class, 'show']);
Route::put('devices/reader', [ReaderController::class, 'lay']);
Route::post('devices/reader/readings', [ReaderController::class, 'read']);
Route::put('devices/scanner', [ScannerController::class, 'hold']);
Route::post('devices/scanner/scans', [ScannerController::class, 'scan']);
Route::get('spray-day', SprayDayController::class);
Route::post('drawdowns', DrawdownController::class)->withoutMiddleware(OnceOnly::class);
Route::post('bottle-colours', BottleColourController::class)->withoutMiddleware(OnceOnly::class);
Route::post('measured-mixes', MeasuredMixController::class);

Route::post('paints/import', [PaintFileController::class, 'import'])->middleware('in-turn');
Route::get('paints/export', [PaintFileController::class, 'export'])->middleware('in-turn');
Route::post('paints/{id}/restore', [PaintController::class, 'restore']);
Route::put('paints/{id}/pot', PotController::class);
Route::apiResource('paints', PaintController::class)->parameters(['paints' => 'id']);

Route::post('plans/file', [PlanController::class, 'bringIn']);
Route::post('plans/guide', GuideController::class)->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::post('plans/sketch', [BeginningController::class, 'sketch'])->withoutMiddleware(OnceOnly::class);
Route::post('plans/begin', [BeginningController::class, 'store']);
Route::post('plans/{id}/edits', [PlanController::class, 'edit']);
Route::post('plans/{id}/edits/preview', [PlanController::class, 'previewEdit'])->withoutMiddleware(OnceOnly::class);
Route::get('plans/muster', MusterController::class)->middleware(['kept:plans,products,settings,figures', 'in-turn']);
Route::get('plans/names', [PlanController::class, 'names']);
Route::get('plans/{id}/figures', [FigureController::class, 'index']);
Route::post('plans/{id}/figures', [FigureController::class, 'store'])->middleware('in-turn');
Route::get('plans/{id}/painted', [FigureController::class, 'painted'])->middleware('kept:plans,plan_product,products,settings');
Route::get('figures/{id}/sculpt', [FigureController::class, 'sculpt']);
Route::get('figures/{id}/still', [FigureController::class, 'still'])->middleware('in-turn');
Route::post('figures/{id}/still', [FigureController::class, 'stillAfter'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::get('figures/{id}/labels', [FigureController::class, 'labels']);
Route::get('figures/{id}/patches', [FigureController::class, 'patches'])->middleware('in-turn');
Route::get('figures/{id}/measures', [FigureController::class, 'measures'])->middleware([
    'kept:figures,figure_reliefs,plans,products,settings',
    'in-turn',
]);
Route::get('figures/{id}/relief', [FigureController::class, 'relief']);
Route::post('figures/{id}/relief', [FigureController::class, 'work'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::put('figures/{id}/labels', [FigureController::class, 'label']);
Route::put('figures/{id}', [FigureController::class, 'update']);
Route::delete('figures/{id}', [FigureController::class, 'destroy']);
Route::post('figures/{id}/restore', [FigureController::class, 'restore']);
Route::get('plans/{id}/scheme', SchemeController::class)->middleware('kept:plans,products,pots,settings,batches,log_entries');
Route::get('plans/{id}/priming', PrimingController::class)->middleware('kept:plans,plan_product,products,settings');
Route::get('plans/{id}/undercoats', UndercoatController::class)->middleware(['kept:plans,products,pots,settings', 'in-turn']);
Route::get('plans/{id}/file', [PlanController::class, 'file']);
Route::get('plans/{id}/archive', [PlanController::class, 'archive'])->middleware('in-turn');
Route::get('plans/{id}/guide', WrittenGuideController::class);
Route::post('plans/{id}/preview', [PlanController::class, 'preview'])->withoutMiddleware(OnceOnly::class);
Route::post('plans/{id}/duplicate', [PlanController::class, 'duplicate']);
Route::post('plans/{id}/restore', [PlanController::class, 'restore']);
Route::post('plans/{id}/undo', [PlanHistoryController::class, 'undo']);
Route::post('plans/{id}/redo', [PlanHistoryController::class, 'redo']);
Route::get('plans/{id}/steps/{step}/substitutes', SubstituteController::class)->middleware('kept:plans,products,pots,settings');
Route::post('plans/{id}/areas/{area}/recipes', RecipeController::class)->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::post('plans/{id}/areas/{area}/shared', [SharedRecipeController::class, 'store']);
Route::post('shared-recipes/{id}/restore', [SharedRecipeController::class, 'restore']);
Route::get('shared-recipes', [SharedRecipeController::class, 'index'])->middleware('kept:recipes,plans,products,settings');
Route::apiResource('shared-recipes', SharedRecipeController::class)->parameters(['shared-recipes' => 'id'])->only(['update', 'destroy']);
Route::apiResource('plans', PlanController::class)->except('update')->parameters(['plans' => 'id']);

Route::get('batches/names', [BatchController::class, 'names']);
Route::post('batches/{id}/restore', [BatchController::class, 'restore']);
Route::post('batches/{id}/refresh', [BatchController::class, 'refresh']);
Route::get('batches/{id}/file', [BatchController::class, 'file']);
Route::get('batches/{id}/squad', [SquadController::class, 'show'])->middleware('kept:batches,log_entries,products,settings');
Route::put('batches/{id}/squad', [SquadController::class, 'update']);
Route::post('batches/{id}/squad/vary', [SquadController::class, 'vary']);
Route::put('batches/{id}/desk', [BatchController::class, 'desk']);
Route::post('batches/{id}/repeat', [BatchController::class, 'repeat'])->name('batches.repeat');
Route::get('batches/{id}/painted', [FigureController::class, 'paintedBatch'])->middleware('kept:batches,products,settings');
Route::get('batches/{id}/amounts', [AmountController::class, 'batch'])->middleware('kept:batches,log_entries,products,pots,settings');
Route::get('batches/{id}/steps/{step}/slip-price', [SlipController::class, 'price'])->middleware('kept:batches,log_entries,products,settings');
Route::post('batches/{id}/slips', [SlipController::class, 'store']);
Route::put('slips/{id}', [SlipController::class, 'update']);
Route::delete('slips/{id}', [SlipController::class, 'destroy']);
Route::post('slips/{id}/restore', [SlipController::class, 'restore']);
Route::post('batches/{id}/photos', [PinnedPhotoController::class, 'store']);
Route::delete('pinned-photos/{id}', [PinnedPhotoController::class, 'destroy']);
Route::post('pinned-photos/{id}/restore', [PinnedPhotoController::class, 'restore']);
Route::apiResource('batches', BatchController::class)->parameters(['batches' => 'id']);

Route::get('evenings', [EveningController::class, 'index'])->middleware('kept:batches,log_entries,plans,settings,days,device_states,minute');
Route::get('evenings/calendar', [EveningController::class, 'calendar']);
Route::get('evenings/moment', [EveningController::class, 'moment']);
Route::post('evenings/deadline', [EveningController::class, 'deadline'])->middleware('in-turn')->withoutMiddleware(OnceOnly::class);
Route::put('evenings/week', [EveningController::class, 'week']);
Route::put('evenings/days/{day}', [EveningController::class, 'day']);
Route::get('clocks', [ClockController::class, 'index'])->middleware('kept:batches,log_entries,settings,minute');
Route::post('clocks', [ClockController::class, 'store']);
Route::get('lessons', [LessonController::class, 'index'])->middleware([
    'kept:log_entries,batches,products,settings,pot_readings,mix_readings,dry_readings',
    'in-turn',
]);
Route::put('lessons/{id}', [LessonController::class, 'update']);
Route::put('readings/{kind}/{id}', [LessonController::class, 'strike']);
Route::get('plans/{id}/round-trip', RoundTripController::class)->middleware('kept:plans,plan_product,products,settings');
Route::apiResource('brushes', BrushController::class)->except('show')->parameters(['brushes' => 'id']);
Route::post('brushes/{id}/restore', [BrushController::class, 'restore']);
Route::get('batches/{id}/steps/{step}/brushes', [BrushController::class, 'forStep']);
Route::get('plans/{id}/areas/{area}/ways', [WayController::class, 'area'])->middleware(['kept:plans,plan_product,products,pots,settings,batches,log_entries,hand_prices,day', 'in-turn']);
Route::get('plans/{id}/ways', WayController::class)->middleware(['kept:plans,plan_product,products,pots,settings,batches,log_entries,hand_prices,day', 'in-turn']);
Route::get('plans/{id}/practice', PracticeController::class)->middleware(['kept:plans,products,pots,settings', 'in-turn']);
Route::get('plans/{id}/budget', BudgetController::class)->middleware('kept:plans,plan_product,products,settings');
Route::get('plans/{id}/amounts', [AmountController::class, 'plan'])->middleware('kept:plans,products,pots,settings');
Route::get('log/export', LogExportController::class)->middleware('in-turn');
Route::get('log', [LogController::class, 'index'])->middleware('kept:log_entries,batches');
Route::post('batches/{id}/log', [LogController::class, 'store']);
Route::put('log/{id}', [LogController::class, 'update']);
Route::delete('log/{id}', [LogController::class, 'destroy']);
Route::post('log/{id}/restore', [LogController::class, 'restore']);
