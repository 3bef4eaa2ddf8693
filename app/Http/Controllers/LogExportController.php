<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Batches\LogFile;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The logbook to take away: CSV for a table, JSON with all there is. */
final class LogExportController
{
    public function __invoke(Request $request): Response
    {
        $wish = $request->validate(['as' => ['required', 'in:csv,json'], 'batch' => ['nullable', 'string', 'max:40']]);
        $isTable = $wish['as'] === 'csv';

        return new Response($isTable ? LogFile::csv($wish['batch'] ?? null) : LogFile::json($wish['batch'] ?? null), 200, [
            'Content-Type' => $isTable ? 'text/csv; charset=utf-8' : 'application/json',
            'Content-Disposition' => "attachment; filename=\"kalokroma-log.$wish[as]\"",
        ]);
    }
}
