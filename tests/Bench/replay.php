<?php

/*
 * Replays the log of a project from where it began, and compares what it gives with what is stored.
 *
 *   php tests/Bench/replay.php PROJECT begin        prints a file with the project as it is now
 *   php tests/Bench/replay.php PROJECT BEGIN SENT   prints {"edits", "lost", "twice", "wrong"}; SENT lists what was acknowledged
 */

declare(strict_types=1);

use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Kindred\Document\Difference;
use Kindred\Document\Overtaken;
use Kindred\Document\Tree;
use Kindred\Input\Reader;

require __DIR__.'/../../bootstrap/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$project = Project::query()->findOrFail((int) $argv[1]);
$store = app(TreeLoader::class);
if ($argv[2] === 'begin') {
    file_put_contents($path = sys_get_temp_dir()."/kindred-replay-{$project->id}-".getmypid(), serialize($store->whole($project)));
    echo $path;
    exit(0);
}

$tree = unserialize((string) file_get_contents($argv[2]));
/** @var list<array{token: string, sequence: int|null}> $sent */
$sent = json_decode((string) file_get_contents($argv[3]), true);
$edits = $wrong = $expected = 0;
$tokens = [];
foreach (DB::table('edits')->where('project_id', $project->id)->orderBy('sequence')->lazy(500) as $edit) {
    $edits++;
    $wrong += (int) $edit->sequence === ++$expected ? 0 : 1;
    $tokens[$edit->token] = [...$tokens[$edit->token] ?? [], (int) $edit->sequence];
    try {
        $tree = Difference::read(Reader::kept(json_decode($edit->difference, true)))->applyTo($tree);
    } catch (Overtaken) {
        $wrong++;
    }
}
$plain = function (Tree $tree): array {
    $sorted = function (array $values): array {
        ksort($values);

        return array_map(fn ($value) => $value->toArray(), $values);
    };

    return json_decode((string) json_encode([$tree->project->toArray(), $sorted($tree->screens), $sorted($tree->layers), $sorted($tree->entries())]), true);
};
$stored = $plain($store->whole($project->refresh()));
foreach ($plain($tree) as $i => $part) {
    foreach ($part + $stored[$i] as $key => $_) {
        $wrong += ($part[$key] ?? null) == ($stored[$i][$key] ?? null) ? 0 : 1;
    }
}
$lost = array_filter($sent, fn (array $one): bool => $one['sequence'] !== null && ! in_array($one['sequence'], $tokens[$one['token']] ?? [], true));
echo json_encode(['edits' => $edits, 'lost' => count($lost), 'twice' => count(array_filter($tokens, fn (array $all): bool => count($all) > 1)), 'wrong' => $wrong]);
