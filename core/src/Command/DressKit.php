<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Missing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;
use Kindred\Type\TextStyle;

/** Dresses a part of all widgets by a token, or, without one, in what they have by themselves. */
final readonly class DressKit implements Command
{
    private function __construct(private string $part, private ?string $token)
    {
    }

    public static function type(): string
    {
        return 'dress-kit';
    }

    public static function read(Reader $in): self
    {
        $part = $in->string('part', 20);

        return new self(isset(WidgetLook::parts()[$part]) ? $part : $in->fail('part', 'widgets have no such part'), $in->optionalId('token'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE);
    }

    public function apply(Tree $tree): Tree
    {
        $way = Path::of("look.{$this->part}");
        $project = $tree->project;
        if ($this->token === null) {
            return $tree->withProject($way->with(Bindings::bind($project, $way->text(), null), null));
        }
        $token = Themes::of($tree)->tokensOf(null)[$this->token] ?? throw Missing::thing('token');
        $property = $way->property($project);
        $value = $property === null ? null : $token->value->valueOf($property, $way->value($project) ?? new TextStyle);
        if ($property === null || $value === null) {
            throw new InvalidInput('token', "“{$token->name}” is no value for the ".mb_strtolower(WidgetLook::parts()[$this->part]).' of widgets. Nothing was changed.');
        }

        return $tree->withProject(Bindings::bind($way->put($project, $property->plain($value)), $way->text(), $token->id));
    }

    public function label(Tree $before): string
    {
        $part = mb_strtolower(WidgetLook::parts()[$this->part]);
        $name = $this->token === null ? null : (Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token';

        return $name === null ? "Take the {$part} of widgets from the kit" : "Take the {$part} of widgets from “{$name}”";
    }
}
