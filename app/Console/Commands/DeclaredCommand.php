<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Kindred\Document\Edit\FieldList;
use Kindred\Exchange\ProjectSchema;
use Kindred\Render\PaintClasses;

final class DeclaredCommand extends Command
{
    protected $signature = 'kindred:declared';

    protected $description = 'Write anew what follows from what things declare: docs/project.schema.json, docs/properties.md and resources/css/paint.css';

    public function handle(): int
    {
        foreach (['docs/project.schema.json' => ProjectSchema::json(), 'docs/properties.md' => FieldList::markdown(), 'resources/css/paint.css' => PaintClasses::css()] as $path => $text) {
            if (file_put_contents(base_path($path), $text) === false) {
                return self::FAILURE;
            }
        }

        return self::SUCCESS;
    }
}
