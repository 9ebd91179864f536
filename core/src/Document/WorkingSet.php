<?php

declare(strict_types=1);

namespace Kindred\Document;

/**
 * What a command needs of a project. Whoever loads it adds, for every named layer, its ancestors
 * with their children, and everything inside it when it is a group.
 */
final readonly class WorkingSet
{
    /**
     * @param  list<string>  $screens  screens that are read or changed
     * @param  list<string>  $layers  layers that are read or changed
     * @param  list<Place>  $siblings  whole lists of siblings
     * @param  list<Place>  $tops  lists of which only the topmost is needed
     * @param  list<string>  $whole  screens with all their layers
     * @param  bool  $reel  all screens of the project, without their layers
     * @param  list<string>  $takes  screens with all their takes, and all layers of these
     * @param  list<Entity>  $things  kinds of things of which all are needed
     * @param  list<string>  $families  all texts with words in these families
     * @param  list<string>  $tokens  all layers with something that is bound to these tokens, or to others that follow them
     * @param  list<string>  $written  all layers that hold one of these pieces of JSON, such as `"colour":"#b4472e"`
     * @param  bool  $bound  all that is bound to any token
     * @param  list<string>  $components  components by their sheets, with all their layers
     * @param  list<string>  $uses  components all of whose instances are needed, beside those that are changed
     * @param  list<string>  $still  components of which something is named, but nothing changed
     */
    public function __construct(
        public array $screens = [],
        public array $layers = [],
        public array $siblings = [],
        public array $tops = [],
        public array $whole = [],
        public bool $reel = false,
        public array $takes = [],
        public array $things = [],
        public array $families = [],
        public array $tokens = [],
        public array $written = [],
        public bool $bound = false,
        public array $components = [],
        public array $uses = [],
        public array $still = [],
    ) {
    }

    public static function join(self ...$sets): self
    {
        $joined = array_shift($sets) ?? new self;
        foreach ($sets as $set) {
            $joined = new self(
                array_values(array_unique([...$joined->screens, ...$set->screens])),
                array_values(array_unique([...$joined->layers, ...$set->layers])),
                [...$joined->siblings, ...$set->siblings],
                [...$joined->tops, ...$set->tops],
                array_values(array_unique([...$joined->whole, ...$set->whole])),
                $joined->reel || $set->reel,
                array_values(array_unique([...$joined->takes, ...$set->takes])),
                array_values(array_unique([...$joined->things, ...$set->things], SORT_REGULAR)),
                array_values(array_unique([...$joined->families, ...$set->families])),
                array_values(array_unique([...$joined->tokens, ...$set->tokens])),
                array_values(array_unique([...$joined->written, ...$set->written])),
                $joined->bound || $set->bound,
                array_values(array_unique([...$joined->components, ...$set->components])),
                array_values(array_unique([...$joined->uses, ...$set->uses])),
                array_values(array_intersect($joined->still, $set->still)),
            );
        }

        return $joined;
    }
}
