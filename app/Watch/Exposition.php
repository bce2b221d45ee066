<?php

declare(strict_types=1);

namespace App\Watch;

/** Figures in the Prometheus text format, version 0.0.4. */
final class Exposition
{
    /** @var list<string> */
    private array $lines = [];

    /** @param array<string, float|int|null> $values by their labels, written out: kind="tap"; '' where there are none; null if unknown */
    public function add(string $name, string $type, string $help, array $values): self
    {
        $known = array_filter($values, static fn(float|int|null $value): bool => $value !== null);
        if ($known === []) {
            return $this;
        }
        array_push($this->lines, "# HELP {$name} {$help}", "# TYPE {$name} {$type}");
        foreach ($known as $labels => $value) {
            $this->lines[] = $name . ($labels === '' ? '' : '{' . $labels . '}') . ' ' . $value;
        }

        return $this;
    }

    public function histogram(string $name, string $help, Counters $counters): self
    {
        $all = $counters->all();
        if ($all['within'] === []) {
            return $this;
        }
        array_push($this->lines, "# HELP {$name} {$help}", "# TYPE {$name} histogram");
        foreach ($all['within'] as $kind => $within) {
            $count = array_sum($all['answered'][$kind] ?? []);
            foreach ($within as $bucket => $seen) {
                $this->lines[] = "{$name}_bucket{kind=\"{$kind}\",le=\"{$bucket}\"} {$seen}";
            }
            $this->lines[] = "{$name}_bucket{kind=\"{$kind}\",le=\"+Inf\"} {$count}";
            $this->lines[] = "{$name}_sum{kind=\"{$kind}\"} " . ($all['seconds'][$kind] ?? 0.0);
            $this->lines[] = "{$name}_count{kind=\"{$kind}\"} {$count}";
        }

        return $this;
    }

    public function text(): string
    {
        return implode("\n", $this->lines) . "\n";
    }
}
