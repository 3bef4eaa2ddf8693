<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__.'/app', __DIR__.'/bootstrap', __DIR__.'/config', __DIR__.'/core', __DIR__.'/database', __DIR__.'/public', __DIR__.'/routes', __DIR__.'/tests'])
    ->exclude(['cache', 'build']);

return (new PhpCsFixer\Config)
    ->setCacheFile(__DIR__.'/.cache/php-cs-fixer')
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        '@PHP82Migration' => true,
        'concat_space' => ['spacing' => 'none'],
        'declare_strict_types' => true,
        'new_with_parentheses' => ['named_class' => false, 'anonymous_class' => false],
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'not_operator_with_successor_space' => true,
        'single_line_empty_body' => true,
        'strict_comparison' => true,
    ])
    ->setFinder($finder);
