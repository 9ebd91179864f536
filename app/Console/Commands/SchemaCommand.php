<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Kindred\Exchange\ProjectSchema;

final class SchemaCommand extends Command
{
    protected $signature = 'kindred:schema';

    protected $description = 'Write docs/project.schema.json anew, from what things declare';

    public function handle(): int
    {
        return file_put_contents(base_path('docs/project.schema.json'), ProjectSchema::json()) === false ? self::FAILURE : self::SUCCESS;
    }
}
