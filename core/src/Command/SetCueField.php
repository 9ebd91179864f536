<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Edit\CueField;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets one property of a cue from what was typed or chosen; properties that others set meanwhile stay. */
final readonly class SetCueField implements Command
{
    use OnCues;

    private function __construct(
        private string $screen,
        private ?string $layer,
        private string $cue,
        private CueField $field,
        private string $value,
    ) {
    }

    public static function type(): string
    {
        return 'set-cue-field';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), Address::optionalLayer($in, 'layer'), $in->id('cue'), CueField::read($in, 'field'), $in->string('value', 200));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: [$this->screen],
            layers: $this->layer === null ? [] : [$this->layer],
            whole: $this->field->isAboutLayers() ? [$this->screen] : [],
            reel: $this->field->isAction(),
        );
    }

    public function apply(Tree $tree): Tree
    {
        $owner = $this->owner($tree);
        $cue = $owner->cue($this->cue) ?? throw new InvalidInput('cue', 'The cue is no longer there; it may have been removed in another window.');
        $new = $this->field->set($tree, $tree->screen($this->screen), $owner instanceof Layer ? $owner : null, $cue, $this->value);
        if ($this->layer === null) {
            PutCue::mustSuitScreens($new);
        }

        return $this->withCues($tree, $owner, array_map(fn (Cue $one): Cue => $one->id === $new->id ? $new : $one, $owner->cues));
    }

    public function label(Tree $before): string
    {
        return "Set {$this->field->label()} of a cue of {$this->named($before)}";
    }
}
