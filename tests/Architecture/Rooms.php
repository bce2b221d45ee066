<?php

declare(strict_types=1);

namespace Tests\Architecture;

use FilesystemIterator;
use PhpParser\Node;
use PhpParser\Node\Name;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;

/**
 * Which room of the code knows which, as the code itself says: every name in it, resolved. A room is a folder right under core/ or app/.
 */
final readonly class Rooms
{
    /** @param array<string, list<string>> $knows the rooms that each names, in order */
    private function __construct(public array $knows) {}

    public static function of(string $folder, string $namespace): self
    {
        $parser = (new ParserFactory())->createForNewestSupportedVersion();
        $knows = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (!$file instanceof SplFileInfo || $file->getExtension() !== 'php') {
                continue;
            }
            $room = explode('/', str_replace(DIRECTORY_SEPARATOR, '/', substr($file->getPathname(), strlen($folder) + 1)))[0];
            $names = self::names($parser->parse((string) file_get_contents($file->getPathname())) ?? []);
            foreach ($names as $name) {
                $parts = explode('\\', $name);
                if ($parts[0] === $namespace && isset($parts[2]) && $parts[1] !== $room) {
                    $knows[$room][$parts[1]] = true;
                }
            }
            $knows[$room] ??= [];
        }
        ksort($knows);

        return new self(array_map(static function (array $rooms): array {
            ksort($rooms);

            return array_map(strval(...), array_keys($rooms));
        }, $knows));
    }

    /** @return list<string> "Kitchen → Format → Kitchen" for one way round each knot; empty where there is none */
    public function cycles(): array
    {
        $cycles = [];
        foreach (array_keys($this->knows) as $room) {
            $way = $this->way($room, $room);
            if ($way !== null && !array_filter($cycles, static fn(array $known): bool => array_diff($way, $known) === [])) {
                $cycles[] = $way;
            }
        }

        return array_map(static fn(array $way): string => implode(' → ', [...$way, $way[0]]), $cycles);
    }

    /** Who knows whom, without what follows from the rest: an arrow A to C is left out where A knows B and B knows C. */
    public function mermaid(): string
    {
        $lines = [];
        foreach ($this->knows as $room => $others) {
            $direct = array_filter(
                $others,
                fn(string $other): bool => !array_filter(
                    $others,
                    fn(string $between): bool => $between !== $other && $this->way($between, $other) !== null,
                ),
            );
            foreach ($direct as $other) {
                $lines[] = "    {$room} --> {$other}";
            }
            $lines = $direct === [] ? [...$lines, "    {$room}"] : $lines;
        }

        return implode("\n", ['```mermaid', 'flowchart TD', ...$lines, '```']);
    }

    /**
     * @return list<string>|null the rooms from one to the other, the last left out; null where there is no way
     */
    private function way(string $from, string $to): ?array
    {
        $queue = [[$from]];
        $seen = [];
        while ($queue !== []) {
            $path = array_shift($queue);
            foreach ($this->knows[$path[count($path) - 1]] ?? [] as $next) {
                if ($next === $to) {
                    return $path;
                }
                if (!isset($seen[$next])) {
                    $seen[$next] = true;
                    $queue[] = [...$path, $next];
                }
            }
        }

        return null;
    }

    /**
     * @param Node[] $code
     *
     * @return list<string> every class, function or constant that is named, in full
     */
    private static function names(array $code): array
    {
        $visitor = new class extends NodeVisitorAbstract {
            /** @var array<string, true> */
            public array $seen = [];

            public function enterNode(Node $node): null
            {
                if ($node instanceof Name) {
                    $this->seen[$node->toString()] = true;
                }

                return null;
            }
        };
        (new NodeTraverser(new NameResolver(), $visitor))->traverse($code);

        return array_map(strval(...), array_keys($visitor->seen));
    }

    /** The pictures in docs/architecture.md, between their marks. */
    public static function drawnInto(string $text): string
    {
        $root = dirname(__DIR__, 2);
        foreach (['core' => 'Lento', 'app' => 'App'] as $folder => $namespace) {
            $drawn = self::of($root . '/' . $folder, $namespace)->mermaid();
            $text = preg_replace_callback(
                "~(<!-- rooms of {$folder} -->\n).*?(\n<!-- end -->)~s",
                static fn(array $found): string => $found[1] . $drawn . $found[2],
                $text,
                1,
                $count,
            ) ?? throw new RuntimeException('docs/architecture.md cannot be read');
            if ($count !== 1) {
                throw new RuntimeException("docs/architecture.md has no place for the rooms of {$folder}");
            }
        }

        return $text;
    }
}
