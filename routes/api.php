<?php

declare(strict_types=1);

use App\Http\Controllers\BatchController;
use App\Http\Controllers\BeginningController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BottleColourController;
use App\Http\Controllers\CraftController;
use App\Http\Controllers\DrawdownController;
use App\Http\Controllers\GuideController;
use App\Http\Controllers\HabitController;
use App\Http\Controllers\KeptMixController;
use App\Http\Controllers\ListController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MapController;
use App\Http\Controllers\MeasuredMixController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\MusterController;
use App\Http\Controllers\PaintController;
use App\Http\Controllers\PaintFileController;
use App\Http\Controllers\PaintGuessController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanHistoryController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\PriceController;
use App\Http\Controllers\PurchaseController;
use App\Http\Controllers\ReaderController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\ScannerController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SettingController;
use App\Http\Controllers\SharedRecipeController;
use App\Http\Controllers\SprayDayController;
use App\Http\Controllers\StarterController;
use App\Http\Controllers\SubstituteController;
use App\Http\Controllers\UndercoatController;
use Illuminate\Support\Facades\Route;

Route::get('craft', CraftController::class);
Route::get('bench', BenchController::class);
Route::get('sets', SetController::class);
Route::get('starters', [StarterController::class, 'index']);
Route::post('starters/{id}', [StarterController::class, 'load']);
Route::post('starters/{id}/back', [StarterController::class, 'takeBack']);
Route::get('paint-guess', PaintGuessController::class);
Route::put('craft/habits/{technique}', [HabitController::class, 'update']);
Route::get('settings', [SettingController::class, 'show']);
Route::put('settings', [SettingController::class, 'update']);
Route::post('kept-mixes/{id}/restore', [KeptMixController::class, 'restore']);
Route::apiResource('kept-mixes', KeptMixController::class)->parameters(['kept-mixes' => 'id'])->only(['index', 'store', 'destroy']);
Route::get('shelf/map', MapController::class);

Route::post('mixes', MixController::class);
Route::post('lists', [ListController::class, 'pasted']);
Route::get('plans/{id}/needs', [ListController::class, 'plan']);

Route::post('purchases/advice', [PurchaseController::class, 'advice']);
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
Route::get('spray-day', [SprayDayController::class, 'show']);
Route::put('devices/weather', [SprayDayController::class, 'turn']);
Route::post('drawdowns', DrawdownController::class);
Route::post('bottle-colours', BottleColourController::class);
Route::post('measured-mixes', MeasuredMixController::class);

Route::post('paints/import', [PaintFileController::class, 'import']);
Route::get('paints/export', [PaintFileController::class, 'export']);
Route::post('paints/{id}/restore', [PaintController::class, 'restore']);
Route::put('paints/{id}/pot', PotController::class);
Route::apiResource('paints', PaintController::class)->parameters(['paints' => 'id']);

Route::post('plans/file', [PlanController::class, 'bringIn']);
Route::post('plans/guide', GuideController::class);
Route::post('plans/sketch', [BeginningController::class, 'sketch']);
Route::post('plans/begin', [BeginningController::class, 'store']);
Route::post('plans/{id}/edits', [PlanController::class, 'edit']);
Route::post('plans/{id}/edits/preview', [PlanController::class, 'previewEdit']);
Route::get('plans/muster', MusterController::class);
Route::get('plans/names', [PlanController::class, 'names']);
Route::get('plans/{id}/scheme', SchemeController::class);
Route::get('plans/{id}/undercoats', UndercoatController::class);
Route::get('plans/{id}/file', [PlanController::class, 'file']);
Route::post('plans/{id}/preview', [PlanController::class, 'preview']);
Route::post('plans/{id}/duplicate', [PlanController::class, 'duplicate']);
Route::post('plans/{id}/restore', [PlanController::class, 'restore']);
Route::post('plans/{id}/undo', [PlanHistoryController::class, 'undo']);
Route::post('plans/{id}/redo', [PlanHistoryController::class, 'redo']);
Route::get('plans/{id}/steps/{step}/substitutes', SubstituteController::class);
Route::post('plans/{id}/areas/{area}/recipes', RecipeController::class);
Route::post('plans/{id}/areas/{area}/shared', [SharedRecipeController::class, 'store']);
Route::post('shared-recipes/{id}/restore', [SharedRecipeController::class, 'restore']);
Route::apiResource('shared-recipes', SharedRecipeController::class)->parameters(['shared-recipes' => 'id'])->only(['index', 'update', 'destroy']);
Route::apiResource('plans', PlanController::class)->parameters(['plans' => 'id']);

Route::get('batches/names', [BatchController::class, 'names']);
Route::post('batches/{id}/restore', [BatchController::class, 'restore']);
Route::post('batches/{id}/refresh', [BatchController::class, 'refresh']);
Route::apiResource('batches', BatchController::class)->parameters(['batches' => 'id']);

Route::get('log', [LogController::class, 'index']);
Route::post('batches/{id}/log', [LogController::class, 'store']);
Route::put('log/{id}', [LogController::class, 'update']);
Route::delete('log/{id}', [LogController::class, 'destroy']);
Route::post('log/{id}/restore', [LogController::class, 'restore']);
