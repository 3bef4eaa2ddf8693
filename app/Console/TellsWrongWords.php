<?php

declare(strict_types=1);

namespace App\Console;

use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that ends with 2 when its words are wrong: an option it does not have, a number that is none, a file that is not there. */
trait TellsWrongWords
{
    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ExceptionInterface $wrong) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($wrong->getMessage());

            return self::INVALID;
        }
    }

    protected function wrongWords(): int
    {
        return self::INVALID;
    }
}
