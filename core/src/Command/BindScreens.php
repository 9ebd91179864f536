<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Missing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** Binds a property of screens, their background or the motion of a cue, to a token; or to none, and it stays as it is. */
final readonly class BindScreens implements Command
{
    use OnScreens;

    private const GROUND = 'ground';

    /** What can be bound of screens. */
    private const FIELD = '/^(ground|cues\.\d+\.(actions|otherwise)\.\d+\.transition\.(duration|easing))$/D';

    /**
     * @param  list<string>  $screens
     * @param  string  $field  the path of the property
     */
    private function __construct(private array $screens, private string $field, private ?string $token)
    {
    }

    public static function type(): string
    {
        return 'bind-screens';
    }

    public static function read(Reader $in): self
    {
        $field = $in->has('field') ? $in->string('field', 80) : self::GROUND;

        return new self($in->ids('screens', 1, 500), preg_match(self::FIELD, $field) === 1 ? $field : $in->fail('field', 'that of screens cannot be bound'), $in->optionalId('token'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->screens, things: Themes::HOUSE);
    }

    public function apply(Tree $tree): Tree
    {
        $token = $this->token === null ? null : Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        $way = Path::of($this->field);
        foreach ($this->screens as $id) {
            $screen = $tree->screen($id);
            $property = $way->property($screen);
            $value = $property === null ? null : $token?->value->valueOf($property, $way->value($screen));
            if ($token !== null && ($property === null || $value === null)) {
                throw new InvalidInput('token', "“{$token->name}” is no value of ".($property?->label() ?? 'that').' of a screen. Nothing was changed.');
            }
            $tree = $tree->withScreens(Bindings::bind($property === null || $value === null ? $screen : $way->put($screen, $property->plain($value)), $this->field, $token?->id));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $token = $this->token === null ? null : (Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token';
        $named = $this->namingScreens($before, $this->screens);

        $what = $this->field === self::GROUND ? 'background' : 'motion';

        return $token === null ? "Detach the {$what} of {$named}" : "Bind “{$token}” to the {$what} of {$named}";
    }
}
