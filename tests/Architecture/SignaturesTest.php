<?php

declare(strict_types=1);

use PhpParser\Node\Expr\Variable;
use PhpParser\Node\Param;
use PhpParser\Node\Stmt\ClassLike;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Symfony\Component\Finder\Finder;

// Where a list of parameters passes six, a value object is missing.

const MOST_PARAMETERS = 6;

it('asks for at most six things at once, wherever others call', function (): void {
    $root = dirname(__DIR__, 2);
    [$parser, $find, $long, $seen] = [(new ParserFactory())->createForHostVersion(), new NodeFinder(), [], 0];
    foreach (Finder::create()->files()->name('*.php')->in([$root . '/core', $root . '/app']) as $file) {
        foreach ($find->findInstanceOf($parser->parse($file->getContents()) ?? [], ClassLike::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $seen++;
                if ($method->isPublic() && count($method->getParams()) > MOST_PARAMETERS) {
                    $long[] = sprintf(
                        '%s::%s(%s)',
                        $class->name?->toString() ?? '?',
                        $method->name->toString(),
                        implode(', ', array_map(
                            static fn(Param $one): string => $one->var instanceof Variable && is_string(
                                $one->var->name,
                            ) ? $one->var->name : '?',
                            $method->getParams(),
                        )),
                    );
                }
            }
        }
    }
    expect($long)->toBe([])->and($seen)->toBeGreaterThan(1500);
});
