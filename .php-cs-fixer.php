<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'ordered_imports' => true,
        'no_unused_imports' => true,
        'single_line_empty_body' => true,
    ])
    ->setFinder(Finder::create()->in(array_map(
        static fn(string $folder): string => __DIR__ . '/' . $folder,
        ['core', 'app', 'bin', 'bootstrap', 'config', 'database', 'lang', 'routes', 'tests'],
    ))->exclude(['cache'])->notPath('#Browser/node#'));
