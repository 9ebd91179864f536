<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Database\DatabaseManager;

/** The colours that a project uses, counted in its rows as they are written. */
final readonly class ColoursInUse
{
    private const MAX = 21;

    public function __construct(private DatabaseManager $database)
    {
    }

    /** @return list<string> hex, the commonest first */
    public function of(Project $project): array
    {
        $counts = [];
        foreach (['layers' => 'body', 'screens' => 'component'] as $table => $column) {
            $rows = $this->database->table($table)->where('project_id', $project->id)->where($column, 'like', '%colour":"#%')->selectRaw("{$column} as written");
            foreach ($rows->cursor() as $row) {
                // Of layers, and of what copies and states have otherwise, by the path of the property.
                preg_match_all('/[".]colour":"(#[0-9a-f]{6}(?:[0-9a-f]{2})?)"/', is_string($row->written) ? $row->written : '', $found);
                foreach ($found[1] as $colour) {
                    $counts[$colour] = ($counts[$colour] ?? 0) + 1;
                }
            }
        }
        arsort($counts);

        return array_map(strval(...), array_slice(array_keys($counts), 0, self::MAX));
    }
}
