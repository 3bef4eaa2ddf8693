<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\LogFile;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The logbook to take away: CSV for a table, JSON with all there is. */
final class LogExportController
{
    public function __invoke(Request $request): StreamedResponse
    {
        $wish = $request->validate(['as' => ['required', 'in:csv,json'], 'batch' => ['nullable', 'string', 'max:40']]);
        $isTable = $wish['as'] === 'csv';

        $pieces = $isTable ? LogFile::csv($wish['batch'] ?? null) : LogFile::json($wish['batch'] ?? null);

        return new StreamedResponse(static function () use ($pieces): void {
            foreach ($pieces as $piece) {
                echo $piece;
            }
        }, 200, [
            'Content-Type' => $isTable ? 'text/csv; charset=utf-8' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"kalokroma-log.$wish[as]\"",
        ]);
    }
}
