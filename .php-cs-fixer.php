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
    ->setFinder(Finder::create()->in([__DIR__ . '/core', __DIR__ . '/app', __DIR__ . '/bootstrap', __DIR__ . '/config', __DIR__ . '/database', __DIR__ . '/lang', __DIR__ . '/routes', __DIR__ . '/tests'])->exclude(['cache'])->notPath('#Browser/node#'));
