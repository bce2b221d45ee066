<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

// Views print what their pages and drawings know. They look nothing up in a list, sort nothing, and reckon with no amounts; px between a
// thing and its words are theirs.

const WORKED_OUT = '/\b(?:array_(?:map|filter|reduce|sum|search|values|column|merge|combine|unique)|u?[ak]?sort|sprintf|max|min|collect|'
    . 'preg_\w+|str_replace|floor|ceil|abs|sqrt|exp|log)\(|\bfn ?\(|\bfunction ?\(/';

it('keeps computation out of the views', function (): void {
    [$found, $seen] = [[], 0];
    foreach (Finder::create()->files()->name('*.blade.php')->in(dirname(__DIR__, 2) . '/resources/views') as $file) {
        $seen++;
        foreach (explode("\n", $file->getContents()) as $i => $line) {
            // Methods of a page or a drawing may be called so.
            $line = (string) preg_replace('/(?:->|::)\w+\(/', '', $line);
            if (preg_match(WORKED_OUT, $line) === 1) {
                $found[] = $file->getRelativePathname() . ':' . ($i + 1) . ' ' . trim($line);
            }
        }
    }
    expect($found)->toBe([])->and($seen)->toBeGreaterThan(100);
});
