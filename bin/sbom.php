<?php

declare(strict_types=1);

// Writes the bill of materials; bin/sbom.sh says of what. Named by nothing but what is installed, so that two machines with the same
// packages write the same components.

require __DIR__ . '/../vendor/autoload.php';

$root = dirname(__DIR__);

/** SHA-256 over the names and contents of all files of a folder, in the order of their names. */
function hashOf(string $folder): string
{
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file instanceof SplFileInfo && $file->isFile()) {
            $files[substr($file->getPathname(), strlen($folder) + 1)] = $file->getPathname();
        }
    }
    ksort($files, SORT_STRING);
    $hash = hash_init('sha256');
    foreach ($files as $name => $path) {
        hash_update($hash, $name . "\0" . hash_file('sha256', $path) . "\n");
    }

    return hash_final($hash);
}

/**
 * @param list<string> $licences
 *
 * @return array<string, mixed>
 */
function component(string $purl, string $name, string $version, array $licences, string $scope, string $folder): array
{
    return array_filter([
        'type' => 'library',
        'bom-ref' => $purl,
        'name' => $name,
        'version' => $version,
        'scope' => $scope,
        'purl' => $purl,
        'licenses' => array_map(static fn(string $id): array => ['license' => ['id' => $id]], $licences),
        'hashes' => is_dir($folder) ? [['alg' => 'SHA-256', 'content' => hashOf($folder)]] : [],
    ], static fn(mixed $value): bool => $value !== []);
}

/** @return array<string, mixed> */
function json(string $file): array
{
    $read = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);

    /** @var array<string, mixed> */
    return is_array($read) ? $read : [];
}

$components = [];
$installed = json($root . '/vendor/composer/installed.json');
$development = is_array($installed['dev-package-names'] ?? null) ? $installed['dev-package-names'] : [];
foreach (is_array($installed['packages'] ?? null) ? $installed['packages'] : [] as $package) {
    if (!is_array($package) || !is_string($package['name'] ?? null) || !is_string($package['version'] ?? null)) {
        continue;
    }
    $version = ltrim($package['version'], 'v');
    $components[] = component(
        "pkg:composer/{$package['name']}@{$version}",
        $package['name'],
        $version,
        array_values(array_filter(is_array($package['license'] ?? null) ? $package['license'] : [], is_string(...))),
        in_array($package['name'], $development, true) ? 'excluded' : 'required',
        $root . '/vendor/' . $package['name'],
    );
}
$lock = json($root . '/package-lock.json');
foreach (is_array($lock['packages'] ?? null) ? $lock['packages'] : [] as $path => $package) {
    if (!is_array($package) || $path === '' || !is_string($package['version'] ?? null) || isset($package['link'])) {
        continue;
    }
    $name = (string) preg_replace('#^.*node_modules/#', '', (string) $path);
    $components[] = component(
        'pkg:npm/' . str_replace('@', '%40', $name) . '@' . $package['version'],
        $name,
        $package['version'],
        is_string($package['license'] ?? null) ? [$package['license']] : [],
        preg_match('#^(bootstrap|htmx\.org|qrcode|dijkstrajs|@fontsource.*)$#', $name) === 1 ? 'required' : 'excluded',
        $root . '/' . $path,
    );
}
usort($components, static fn(array $a, array $b): int => $a['bom-ref'] <=> $b['bom-ref']);

echo json_encode([
    'bomFormat' => 'CycloneDX',
    'specVersion' => '1.5',
    'version' => 1,
    'metadata' => [
        'component' => ['type' => 'application', 'bom-ref' => 'lento', 'name' => 'lento'],
        'properties' => [['name' => 'php', 'value' => PHP_VERSION]],
    ],
    'components' => $components,
], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n";
