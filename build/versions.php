<?php

/*
 * The exact version of every PHP library, those that others need too.
 *
 *   php build/versions.php list VENDOR           writes composer.versions.json from what is installed in a folder
 *   php build/versions.php exact                 writes composer.exact.json: composer.json with all versions named
 *   php build/versions.php check VENDOR [--dev]  says what is installed otherwise than listed
 */

declare(strict_types=1);

$root = dirname(__DIR__);
$read = fn (string $path): array => json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
$write = fn (string $path, array $data): int|false => file_put_contents($path, json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n");

/** @return array{packages: array<string, string>, dev: array<string, string>} */
$installed = function (string $vendor) use ($read): array {
    $found = $read("{$vendor}/composer/installed.json");
    $dev = array_fill_keys($found['dev-package-names'] ?? [], true);
    $versions = array_map(fn (string $version): string => ltrim($version, 'v'), array_column($found['packages'], 'version', 'name'));
    ksort($versions);

    return ['packages' => array_diff_key($versions, $dev), 'dev' => array_intersect_key($versions, $dev)];
};

switch ($argv[1] ?? '') {
    case 'list':
        $write("{$root}/composer.versions.json", $installed($argv[2]));
        break;
    case 'exact':
        $composer = $read("{$root}/composer.json");
        $versions = $read("{$root}/composer.versions.json");
        $composer['require'] = [...$composer['require'], ...$versions['packages']];
        $composer['require-dev'] = [...$composer['require-dev'], ...$versions['dev']];
        $write("{$root}/composer.exact.json", $composer);
        break;
    case 'check':
        $listed = $read("{$root}/composer.versions.json");
        $wanted = in_array('--dev', $argv, true) ? $listed['packages'] + $listed['dev'] : $listed['packages'];
        $there = array_merge(...array_values($installed($argv[2])));
        $other = array_merge(array_diff_assoc($wanted, $there), array_diff_assoc($there, $wanted));
        foreach ($other as $name => $_) {
            fwrite(STDERR, "{$name}: listed ".($wanted[$name] ?? 'not at all').', installed '.($there[$name] ?? 'not at all')."\n");
        }
        exit($other === [] ? 0 : 1);
    default:
        fwrite(STDERR, "list VENDOR, exact, or check VENDOR [--dev]\n");
        exit(2);
}
