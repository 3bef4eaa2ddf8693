<?php

declare(strict_types=1);

namespace App\Console;

use Kalokroma\Batch\Batch;
use Kalokroma\Exchange\BatchDocument;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;

/** A command that works on batch files. */
abstract class BatchCommand extends FileCommand
{
    /**
     * @return list<Batch> in the order they are named
     *
     * @throws Faulty with every fault; where there are several files, with the file's number before the field
     */
    protected function batches(): array
    {
        $paths = array_values(array_map(strval(...), (array) $this->argument('batch')));
        $batches = $faults = [];
        foreach ($paths as $at => $path) {
            try {
                $batches[] = BatchDocument::read($this->fields($path, 'batch file'));
            } catch (Faulty $faulty) {
                foreach ($faulty->faults as $fault) {
                    $faults[] = count($paths) === 1 ? $fault : new Fault("$at.$fault->field", $fault->message);
                }
            }
        }

        return $faults === [] ? $batches : throw Faulty::with($faults);
    }
}
