<?php

declare(strict_types=1);

use App\Http\Controllers\BatchController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CraftController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\PaintController;
use App\Http\Controllers\PaintFileController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanHistoryController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SubstituteController;
use Illuminate\Support\Facades\Route;

Route::get('craft', CraftController::class);
Route::get('bench', BenchController::class);
Route::get('sets', SetController::class);

Route::post('paints/import', [PaintFileController::class, 'import']);
Route::get('paints/export', [PaintFileController::class, 'export']);
Route::post('paints/{id}/restore', [PaintController::class, 'restore']);
Route::put('paints/{id}/pot', PotController::class);
Route::apiResource('paints', PaintController::class)->parameters(['paints' => 'id']);

Route::post('plans/{id}/preview', [PlanController::class, 'preview']);
Route::post('plans/{id}/duplicate', [PlanController::class, 'duplicate']);
Route::post('plans/{id}/restore', [PlanController::class, 'restore']);
Route::post('plans/{id}/undo', [PlanHistoryController::class, 'undo']);
Route::post('plans/{id}/redo', [PlanHistoryController::class, 'redo']);
Route::get('plans/{id}/steps/{step}/substitutes', SubstituteController::class);
Route::apiResource('plans', PlanController::class)->parameters(['plans' => 'id']);

Route::post('batches/{id}/restore', [BatchController::class, 'restore']);
Route::post('batches/{id}/refresh', [BatchController::class, 'refresh']);
Route::apiResource('batches', BatchController::class)->parameters(['batches' => 'id']);

Route::get('log', [LogController::class, 'index']);
Route::post('batches/{id}/log', [LogController::class, 'store']);
Route::delete('log/{id}', [LogController::class, 'destroy']);
Route::post('log/{id}/restore', [LogController::class, 'restore']);
