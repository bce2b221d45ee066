<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

const LONGEST_LINE = 140;

it('has no line over 140 characters in code, Blade, Sass and scripts', function (): void {
    $root = dirname(__DIR__, 2);
    $folders = ['core', 'app', 'bin', 'bootstrap', 'config', 'database', 'lang', 'resources', 'routes', 'tests'];
    $files = Finder::create()
        ->files()
        ->in(array_map(static fn(string $folder): string => $root . '/' . $folder, $folders))
        ->append(Finder::create()->files()->in($root)->depth(0)->name(['lento', '*.js']))
        ->name(['*.php', '*.js', '*.mjs', '*.scss', '*.sh', 'lento'])
        ->exclude('cache');
    [$seen, $long] = [0, []];
    foreach ($files as $file) {
        $seen++;
        foreach (explode("\n", $file->getContents()) as $i => $line) {
            if (mb_strlen($line) > LONGEST_LINE) {
                $long[] = substr($file->getPathname(), strlen($root) + 1) . ':' . ($i + 1);
            }
        }
    }
    expect($long)->toBe([])->and($seen)->toBeGreaterThan(500);
});
