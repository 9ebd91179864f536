<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Fonts\Fonts;
use App\Models\Project;
use Illuminate\Support\Carbon;
use Kindred\Document\Entity;
use Kindred\Document\Project as Head;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Tree;
use Kindred\Exchange\FileNote;
use Kindred\Exchange\ProjectTarget;
use Kindred\Layout\Consequences;
use Kindred\Type\FaceBook;

/** Writes a project file into an empty project as it is read, a screen at a time. */
final class Arriving implements ProjectTarget
{
    private const AT_ONCE = 200;

    public int $layers = 0;

    /** @var array<string, list<Thing>> by entity */
    private array $things = [];

    public function __construct(
        private readonly Project $project,
        private readonly TreeWriter $writer,
        private readonly Assets $assets,
        private readonly Consequences $consequences,
        private readonly Fonts $fonts,
        private readonly FaceBook $faces,
    ) {
    }

    public function layers(?Screen $screen, array $layers): void
    {
        $empty = new Tree(new Head('Arriving'));
        // Sizes that follow from the words are worked out anew: a file written by hand need not have them.
        $tree = $this->consequences->of($empty, $empty->withScreens(...($screen === null ? [] : [$screen]))->withLayers(...$layers));
        unset($layers);
        $this->writer->insert($this->project, $tree);
        $this->layers += count($tree->layers);
    }

    public function fonts(array $faces, array $files): void
    {
        foreach ($files as $hash => $bytes) {
            $this->fonts->adopt($this->project, $hash, $bytes);
        }
        $this->faces->own($faces);
    }

    public function thing(Entity $entity, Thing $thing): void
    {
        $this->things[$entity->value][] = $thing;
        if (count($this->things[$entity->value]) >= self::AT_ONCE) {
            $this->end();
        }
    }

    public function note(FileNote $note): void
    {
        $this->project->notes()->forceCreate([
            'user_id' => $this->project->user_id, 'created_at' => $note->written === '' ? now() : Carbon::parse($note->written),
            'screen' => $note->screen ?? '', 'layer' => $note->layer ?? '',
        ] + array_diff_key($note->toArray(), ['written' => 1]));
    }

    public function picture(string $hash, string $bytes): void
    {
        $this->assets->adopt($this->project, $hash, $bytes);
    }

    /** Writes what is still held. */
    public function end(): void
    {
        $tree = new Tree(new Head('Arriving'));
        foreach ($this->things as $entity => $things) {
            $tree = $tree->put(Entity::from($entity), ...$things);
        }
        $this->writer->insert($this->project, $tree);
        $this->things = [];
    }
}
