<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Take;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Sets the name or the reason of a take, or what it is judged to be by a criterion. */
final readonly class SetTake implements Command
{
    private function __construct(private string $take, private string $field, private string $criterion, private string $value)
    {
    }

    public static function type(): string
    {
        return 'set-take';
    }

    public static function read(Reader $in): self
    {
        $field = $in->string('field', 20);
        if (! in_array($field, ['name', 'reason', 'judgement'], true)) {
            $in->fail('field', 'a take has a name, a reason and judgements');
        }

        return new self($in->id('take'), $field, $in->words('criterion', 100), match ($field) {
            'name' => $in->name('value'),
            'reason' => $in->string('value', Take::MAX_REASON),
            default => $in->string('value', Take::MAX_JUDGEMENT),
        });
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->take], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->take);
        $take = $screen->take ?? throw new InvalidInput('take', "“{$screen->name}” has no takes. Nothing was changed.");

        return $tree->withScreens($screen->with(take: match ($this->field) {
            'name' => $take->with(name: $this->value),
            'reason' => $take->with(reason: trim($this->value)),
            default => $take->with(judgements: array_filter([$this->criterion => trim($this->value)] + $take->judgements, fn (string $one): bool => $one !== '')),
        }));
    }

    public function label(Tree $before): string
    {
        return "Set the {$this->field} of take ".($before->screens[$this->take]->take->name ?? '');
    }
}
