<?php

declare(strict_types=1);

use PhpParser\Node\Expr\StaticCall;
use PhpParser\Node\Expr\Variable;
use PhpParser\Node\Identifier;
use PhpParser\Node\NullableType;
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

it('lets no number into a value of the core unseen', function (): void {
    $root = dirname(__DIR__, 2);
    [$parser, $find, $unseen, $seen] = [(new ParserFactory())->createForHostVersion(), new NodeFinder(), [], 0];
    // Drawings and numerics know places and widths, which may be any number.
    $files = Finder::create()->files()->name('*.php')->in($root . '/core')->exclude(['Drawing', 'Numerics']);
    foreach ($files as $file) {
        foreach ($find->findInstanceOf($parser->parse($file->getContents()) ?? [], ClassLike::class) as $class) {
            $made = $class->getMethod('__construct');
            if ($made === null || !$made->isPublic()) {
                continue;
            }
            $looks = array_filter(
                $find->findInstanceOf($made->stmts ?? [], StaticCall::class),
                static fn(StaticCall $call): bool => $call->name instanceof Identifier
                    && in_array($call->name->toString(), ['refuse', 'between', 'below'], true),
            );
            $known = array_map(static fn(Variable $one): mixed => $one->name, $find->findInstanceOf($looks, Variable::class));
            foreach ($made->getParams() as $one) {
                $type = $one->type instanceof NullableType ? $one->type->type : $one->type;
                if (!$type instanceof Identifier || $type->toString() !== 'float' || !$one->var instanceof Variable) {
                    continue;
                }
                $seen++;
                if (!in_array($one->var->name, $known, true)) {
                    $unseen[] = $class->name . '::$' . (is_string($one->var->name) ? $one->var->name : '?');
                }
            }
        }
    }
    expect($unseen)->toBe([])->and($seen)->toBeGreaterThan(30);
});
