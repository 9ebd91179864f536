<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Address;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\FocusField;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\ScrollTo;
use Kindred\Document\Cue\Condition\StateIs;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Version4;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Properties;
use Kindred\Property\Stored;

/** "When this happens, do that": a trigger, what has to hold, what is done then in order, and what is done otherwise. */
final readonly class Cue implements Stored
{
    use Declared;

    /** Conditions and actions of one, of each kind. */
    public const MAX = 12;

    /**
     * @param  list<Premise>  $conditions
     * @param  list<Act>  $actions
     * @param  list<Act>  $otherwise
     * @param  string  $entry  the one entry of a widget that it is of, by its words; empty for all of its layer
     */
    public function __construct(
        #[Is\Id(field: false)] public string $id,
        #[Is\OneOf(Trigger::ALL)] public Trigger $trigger,
        #[Is\Records(Premise::class, self::MAX, sparse: true)] public array $conditions = [],
        #[Is\Records(Act::class, self::MAX)] public array $actions = [],
        #[Is\Records(Act::class, self::MAX, sparse: true)] public array $otherwise = [],
        #[Is\Words(500, sparse: true)] public string $entry = '',
    ) {
    }

    /** What waited in a browser, or was copied, while the application was updated is written as it was before. */
    public static function read(Reader $in): self
    {
        return self::of($in->has('action') ? $in->instead(Version4::cue($in->raw())) : $in);
    }

    /** Whether some cue of a project carries layers over to another screen. */
    public static function anyMatches(Tree $tree): bool
    {
        foreach ([$tree->screens, $tree->layers] as $all) {
            foreach ($all as $one) {
                foreach ($one->cues as $cue) {
                    foreach ($cue->acts() as $act) {
                        if ($act->transition?->kind === TransitionKind::Match) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /** @return list<Act> all that it may do */
    public function acts(): array
    {
        return [...$this->actions, ...$this->otherwise];
    }

    /** @return list<string> the screens that it may bring, each once */
    public function targets(): array
    {
        return array_values(array_unique(array_filter(array_map(fn (Act $act): ?string => $act->target(), $this->acts()), is_string(...))));
    }

    /** Whether it may return. */
    public function returns(): bool
    {
        return array_filter($this->acts(), fn (Act $act): bool => $act->action instanceof GoBack) !== [];
    }

    public function isTap(): bool
    {
        return $this->trigger instanceof Tap;
    }

    /**
     * The same where layers have other ids.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): self
    {
        $named = fn (?string $layer): ?string => $layer === null ? null : (string) Address::of($layer)->renamed($ids);
        $act = fn (Act $act): Act => match (true) {
            $act->action instanceof ScrollTo, $act->action instanceof FocusField => $act->with(action: $act->action->with(layer: $named($act->action->layer))),
            $act->action instanceof ChangeState => $act->with(action: $act->action->with(instance: $named($act->action->instance))),
            default => $act,
        };
        $conditions = array_map(fn (Premise $one): Premise => $one->condition instanceof StateIs ? $one->with(condition: $one->condition->with(instance: $named($one->condition->instance))) : $one, $this->conditions);

        return Properties::with($this, ['conditions' => $conditions, 'actions' => array_map($act, $this->actions), 'otherwise' => array_map($act, $this->otherwise)]);
    }
}
