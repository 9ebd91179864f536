<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** Screens as they are and as a change would make them, beside each other. */
final readonly class BeforeAfter
{
    public function __construct(private TreeLoader $store, private HouseStyle $style, private Pictures $pictures)
    {
    }

    /**
     * @param  list<string>  $screens
     * @param  \Closure(Tree): Tree  $change
     * @return list<array{screen: Screen, before: string, after: string}>
     */
    public function of(Project $project, array $screens, \Closure $change): array
    {
        return array_map(function (string $id) use ($project, $change): array {
            $before = $this->style->onto($project, $this->store->withLayersOf($project, [$id]));
            $draw = fn (Tree $of, string $prefix): string => $this->pictures->screen($of, $of->screen($id), $this->pictures->variant($project, $prefix));

            return ['screen' => $before->screen($id), 'before' => $draw($before, "was{$id}-"), 'after' => $draw($change($before), "will{$id}-")];
        }, $screens);
    }
}
