<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** A project as checks find it: what they depend on, and which screens have been looked at since that changed. */
final readonly class Look
{
    /** @var list<string> the screens in the order of the reel, and the sheets of components */
    public array $order;

    /**
     * @param  Tree  $head  its screens, house style and settings, without layers
     * @param  string|null  $theme  in which the screens are looked at; null for the one that each shows
     * @param  string  $house  by which it is known whether the house style and the settings are still the same
     * @param  array<string, int>  $revisions  by screen
     * @param  array<string, string>  $kept  reports as they are stored, by screen
     */
    public function __construct(public Project $project, public Tree $head, public ?string $theme, public string $house, public array $revisions, public array $kept = [])
    {
        $this->order = array_map(fn (Screen $screen): string => $screen->id, $head->hung());
    }

    /** @param  array<string, string>  $kept */
    public function knowing(array $kept): self
    {
        return new self($this->project, $this->head, $this->theme, $this->house, $this->revisions, $kept);
    }
}
