<?php

declare(strict_types=1);

use App\Format\RefusalWords;
use App\Format\Words;
use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotANumber;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Symfony\Component\Finder\Finder;

it('says in the cook’s words what the core refuses by its facts', function (LentoException $refusal, string $says): void {
    expect(RefusalWords::of($refusal))->toBe($says);
})->with([
    [OutOfRange::between('yield', 0.05, 0.1, 200.0, 'l'), 'the yield is 0.05, but must lie between 0.1 and 200 l'],
    [OutOfRange::below('duration', -3.0, 0.0, 's'), 'a duration is -3, but must be at least 0 s'],
    [OutOfRange::notFinite('mass'), 'a mass is no number'],
    [NotReachable::target('thickness-by-thinning'), 'this thickness by thinning cannot be reached'],
    [Missing::from('recipe', 'liquid'), 'no liquid was found in the recipe'],
    [Unknown::name('fat', 'moonlight'), 'no fat is called “moonlight”'],
    [NoConvergence::after(12, 'service'), 'this could not be worked out: try other amounts'],
    [NotANumber::text('1/0'), '“1/0” is not a number'],
]);

it('has words for every fact that the core refuses by', function (): void {
    $patterns = [
        'quantity' => '/(?:OutOfRange::(?:between|below|notFinite|refuse))\(\s*\'([^\']+)\'/',
        'target' => '/NotReachable::target\(\s*\'([^\']+)\'/',
        'thing' => '/(?:Missing::from|Unknown::name)\(\s*\'([^\']+)\'(?:,\s*\'([^\']+)\')?/',
    ];
    [$seen, $without] = [0, []];
    foreach (Finder::create()->files()->in(base_path('core'))->name('*.php') as $file) {
        foreach ($patterns as $list => $pattern) {
            preg_match_all($pattern, $file->getContents(), $found);
            $named = static fn(string $key): bool => $key !== '' && !str_ends_with($key, '-');
            foreach (array_filter([...$found[1], ...($found[2] ?? [])], $named) as $key) {
                $seen++;
                $path = "refusals.{$list}.{$key}";
                $without = Words::text($path, of: 'x') === $path ? [...$without, $path] : $without;
            }
        }
    }
    expect($without)->toBe([])->and($seen)->toBeGreaterThan(80);
});
