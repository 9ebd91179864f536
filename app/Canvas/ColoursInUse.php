<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Database\DatabaseManager;

/** The colours that a project uses, counted in its rows as they are written. */
final readonly class ColoursInUse
{
    private const MOST = 21;

    public function __construct(private DatabaseManager $database)
    {
    }

    /** @return list<string> hex, the commonest first */
    public function of(Project $project): array
    {
        $counts = [];
        foreach ($this->database->table('layers')->where('project_id', $project->id)->where('body', 'like', '%"colour":"#%')->select('body')->cursor() as $row) {
            preg_match_all('/"colour":"(#[0-9a-f]{6}(?:[0-9a-f]{2})?)"/', is_string($row->body) ? $row->body : '', $found);
            foreach ($found[1] as $colour) {
                $counts[$colour] = ($counts[$colour] ?? 0) + 1;
            }
        }
        arsort($counts);

        return array_map(strval(...), array_slice(array_keys($counts), 0, self::MOST));
    }
}
