<?php

declare(strict_types=1);

/* Prints the peak memory, in MB, that one edit of a project adds in a fresh process, opcache as on the server. */

use App\Canvas\Editor;
use App\Models\Project;
use Illuminate\Contracts\Console\Kernel;
use Kindred\Command\Commands;
use Kindred\Input\Reader;

require __DIR__.'/../../bootstrap/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$project = Project::query()->findOrFail((int) $argv[1]);
$command = Commands::read(Reader::of(['type' => 'move-layers', 'screen' => 'screen0', 'layers' => ['l0x3'], 'dx' => 1, 'dy' => 0]));
app(Editor::class)->edit($project, $project->user()->firstOrFail(), [$command], $project->sequence);
echo round(memory_get_peak_usage() / 1048576, 2);
