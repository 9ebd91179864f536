<?php

declare(strict_types=1);

namespace Kindred\Compare;

use Kindred\Document\Change;
use Kindred\Document\Chart\Legend;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\ChangeState;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\TakeOff;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Size;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Document\Widget\Item;
use Kindred\Geometry\Number;
use Kindred\Kit\Kit;
use Kindred\Paint\Colour;
use Kindred\Paint\Oklab;
use Kindred\Type\TextStyle;
use Kindred\Type\VerticalAlign;

/** What happened to one layer but for its place, in clauses that go on after its name: “is larger (17 → 28 px)”. */
final class Clauses
{
    /** Properties of layers and their kinds that have sentences of their own. */
    private const TOLD = ['kind', 'x', 'y', 'width', 'height', 'rotation', 'opacity', 'fills', 'strokes', 'corners', 'style', 'icon', 'asset', 'verticalAlign'];

    /** What has a sentence in charts. */
    private const TOLD_OF_CHARTS = ['form', 'min', 'max', 'logarithmic', 'legend'];

    /** @var list<string> */
    private array $clauses = [];

    /** @var list<Aspect> */
    private array $aspects = [];

    private function __construct(private readonly Layer $old, private readonly Layer $new, private readonly Tree $tree)
    {
    }

    /** @return array{list<string>, list<Aspect>} */
    public static function of(Change $change, Tree $before, Tree $after, Tree $tree): array
    {
        $self = new self($before->layer($change->id), $after->layer($change->id), $tree);
        if ($change->touches('hidden')) {
            $self->add($self->new->hidden ? 'is hidden' : 'shows now', Aspect::Density);
        }
        if ($self->new->hidden) {
            return [$self->clauses, $self->aspects];
        }
        $self->content();
        $self->size();
        $self->look();
        $leads = self::leads($self->old->cues, $self->new->cues, $tree);
        if ($leads !== null) {
            $self->add($leads, Aspect::Layout);
        }

        return [$self->clauses, $self->aspects];
    }

    /** How a colour is called beside the one that it was: “dark green instead of white”, “a little lighter”. */
    public static function colour(Oklab $old, Oklab $new): string
    {
        if ($old->called() !== $new->called()) {
            return "{$new->called()} instead of {$old->called()}";
        }
        $lighter = $new->lightness - $old->lightness;

        return abs($lighter) > 0.015 ? 'a little '.($lighter > 0 ? 'lighter' : 'darker') : "another {$new->called()}";
    }

    /**
     * @param  list<Cue>  $old
     * @param  list<Cue>  $new
     */
    public static function leads(array $old, array $new, Tree $tree): ?string
    {
        [$was, $is] = [self::targets($old, $tree), self::targets($new, $tree)];

        return match (true) {
            $was === $is => null,
            $is === [] => 'leads nowhere now',
            default => 'leads '.Naming::list($is).' now',
        };
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<string>
     */
    private static function targets(array $cues, Tree $tree): array
    {
        $acts = array_merge([], ...array_map(fn (Cue $cue): array => $cue->acts(), $cues));

        return array_values(array_unique(array_filter(array_map(fn (Act $act): string => match (true) {
            $act->target() !== null => 'to “'.($tree->screens[$act->target()]->name ?? 'a screen that is gone').'”',
            $act->action instanceof ChangeState => 'to another state',
            $act->action instanceof GoBack, $act->action instanceof TakeOff => 'back',
            default => '',
        }, $acts), fn (string $target): bool => $target !== '')));
    }

    private function add(string $clause, Aspect $aspect): void
    {
        $this->clauses[] = $clause;
        $this->aspects[] = $aspect;
    }

    private function content(): void
    {
        $old = $this->old->content;
        $new = $this->new->content;
        match (true) {
            $old instanceof Text && $new instanceof Text => $this->text($old, $new),
            $old instanceof Widget && $new instanceof Widget => $this->widget($old, $new),
            $old instanceof Stack && $new instanceof Stack => $this->stack($old, $new),
            $old instanceof ArrayLayer && $new instanceof ArrayLayer => $this->array($old, $new),
            $old instanceof Chart && $new instanceof Chart => $this->chart($old, $new),
            $old instanceof Picture && $new instanceof Picture && $old->asset !== $new->asset => $this->add('shows another picture', Aspect::Emphasis),
            $old instanceof Icon && $new instanceof Icon && $old->icon !== $new->icon => $this->add('is another icon ('.self::plain($old->icon).' → '.self::plain($new->icon).')', Aspect::Wording),
            $old::kind() !== $new::kind() => $this->add('is '.Naming::article($new::kind())." {$new::kind()} instead of ".Naming::article($old::kind())." {$old::kind()}", Aspect::Layout),
            default => null,
        };
    }

    private function text(Text $old, Text $new): void
    {
        if ($old->words !== $new->words) {
            $this->add('now reads '.Naming::quoted($new->words), Aspect::Wording);
        }
        $this->type($old->style, $new->style);
        // Runs that only follow words that came or went are no change of their own.
        if ($old->saying($new->words)->passage()->runs != $new->runs) { // @phpstan-ignore notEqual.notAllowed (their values count)
            $this->add($new->runs === [] ? 'is set alike throughout' : 'has other words set in a way of their own', Aspect::Emphasis);
        }
        if ($old->saying($new->words)->paragraphs != $new->paragraphs) { // @phpstan-ignore notEqual.notAllowed
            $this->add('has its paragraphs set in another way', Aspect::Density);
        }
        if ($old->verticalAlign !== $new->verticalAlign) {
            $this->add('stands '.match ($new->verticalAlign) {
                VerticalAlign::Top => 'at the top', VerticalAlign::Middle => 'in the middle', VerticalAlign::Bottom => 'at the bottom',
            }.' of its box', Aspect::Layout);
        }
        if ($old->maxLines !== $new->maxLines) {
            $this->add($new->maxLines === null ? 'shows all of its lines' : "shows {$new->maxLines} lines at most", Aspect::Wording);
        }
    }

    private function type(TextStyle $old, TextStyle $new): void
    {
        if ($old->size !== $new->size) {
            $this->add('is '.($new->size > $old->size ? 'larger' : 'smaller').' ('.self::arrow($old->size, $new->size).' px)', Aspect::Emphasis);
        }
        if ($old->italic !== $new->italic) {
            $this->add($new->italic ? 'is set in italics' : 'is set upright', Aspect::Emphasis);
        }
        if ($old->decoration !== $new->decoration) {
            $this->add(match ($new->decoration->value) {
                'none' => 'has no line under or through its words',
                'line-through' => 'is struck through',
                'underline' => 'is underlined',
                default => 'is underlined and struck through',
            }, Aspect::Emphasis);
        }
        if ($old->variant->words !== $new->variant->words) {
            $this->add($new->variant->words === [] ? 'has its usual figures and letters' : 'has other figures or letters ('.str_replace('-', ' ', $new->variant->text()).')', Aspect::Emphasis);
        }
        if ($old->weight !== $new->weight) {
            $this->add('is '.($new->weight > $old->weight ? 'bolder' : 'lighter in weight'), Aspect::Emphasis);
        }
        if ($old->family !== $new->family) {
            $this->add("is set in {$new->family} instead of {$old->family}", Aspect::Emphasis);
        }
        if ($old->align !== $new->align) {
            $this->add(match ($new->align->value) {
                'center' => 'is centred',
                'right' => 'is set to the right',
                default => 'is set to the left',
            }, Aspect::Layout);
        }
        if ($old->lineHeight !== $new->lineHeight) {
            $this->add('has its lines '.($new->lineHeight > $old->lineHeight ? 'further apart' : 'closer together'), Aspect::Density);
        }
        if ($old->letterSpacing !== $new->letterSpacing) {
            $this->add('has its letters '.($new->letterSpacing > $old->letterSpacing ? 'further apart' : 'closer together'), Aspect::Emphasis);
        }
        if ($old->transform !== $new->transform) {
            $this->add(match ($new->transform->value) {
                'uppercase' => 'is in capitals',
                'lowercase' => 'is in small letters',
                'capitalize' => 'has capital initials',
                default => 'is written as typed',
            }, Aspect::Emphasis);
        }
    }

    private function widget(Widget $old, Widget $new): void
    {
        if ($old->widget !== $new->widget) {
            [$was, $is] = array_map(fn (string $key): string => mb_strtolower(Kit::find($key)?->name() ?? $key), [$old->widget, $new->widget]);
            $this->add('is '.Naming::article($is)." {$is} instead of ".Naming::article($was)." {$was}", Aspect::Layout);
        }
        foreach (['label' => 'now reads ', 'hint' => 'hints at ', 'text' => 'holds '] as $field => $verb) {
            if ($old->{$field} !== $new->{$field}) {
                $this->add($new->{$field} === '' ? "has lost its {$field}" : $verb.Naming::quoted($new->{$field}), Aspect::Wording);
            }
        }
        $this->gains($old->columns, $new->columns, 'column');
        $labels = fn (Widget $widget): array => array_map(fn (Item $item): string => $item->label, array_values(array_filter($widget->items, fn (Item $item): bool => ! $item->separator)));
        $cells = fn (Widget $widget): array => array_map(fn (Item $item): array => $item->cells, array_values(array_filter($widget->items, fn (Item $item): bool => ! $item->separator)));
        if (! $this->gains($labels($old), $labels($new), 'entry') && $cells($old) !== $cells($new)) {
            $this->add('says other things in its cells', Aspect::Wording);
        }
        if (count(array_filter($old->items, fn (Item $item): bool => $item->separator)) !== count(array_filter($new->items, fn (Item $item): bool => $item->separator))) {
            $this->add('is divided otherwise', Aspect::Layout);
        }
        $on = fn (Widget $widget): array => array_map(fn (Item $item): string => $item->label, array_values(array_filter($widget->items, fn (Item $item): bool => $item->on)));
        if ($old->on !== $new->on) {
            $this->add($new->on ? 'is on' : 'is off', Aspect::Emphasis);
        } elseif ($labels($old) === $labels($new) && $on($old) !== $on($new)) {
            $this->add($on($new) === [] ? 'has nothing chosen' : 'has '.Naming::list(array_map(Naming::quoted(...), $on($new))).' chosen', Aspect::Emphasis);
        }
        if ($old->value !== $new->value) {
            $this->add('stands at '.Number::text($new->value).' instead of '.Number::text($old->value), Aspect::Emphasis);
        }
        if ($old->icon !== $new->icon) {
            $this->add($new->icon === '' ? 'has lost its icon' : 'has the icon '.self::plain($new->icon), Aspect::Emphasis);
        }
    }

    /**
     * @param  list<string>  $old
     * @param  list<string>  $new
     */
    private function gains(array $old, array $new, string $word): bool
    {
        $lost = self::without($old, $new);
        $come = self::without($new, $old);
        $named = fn (array $which): string => count($which) > 4 ? '' : ' ('.implode(', ', array_map(fn (mixed $one): string => is_string($one) && $one !== '' ? $one : 'empty', $which)).')';
        // As many as before, in the same places: only their labels have changed.
        if (count($lost) === count($come) && count($old) === count($new) && $lost !== [] && count($lost) < max(2, count($old))) {
            $this->add('calls '.Naming::list(array_map(fn (string $was, string $is): string => Naming::quoted($was).' now '.Naming::quoted($is), $lost, $come)), Aspect::Wording);

            return true;
        }
        if ($lost !== []) {
            $this->add('lost '.Naming::count(count($lost), $word).$named($lost), Aspect::Density);
        }
        if ($come !== []) {
            $this->add('gained '.Naming::count(count($come), $word).$named($come), Aspect::Density);
        }
        if ($lost === [] && $come === [] && $old !== $new) {
            $this->add('has its '.Naming::plural($word).' in another order', Aspect::Order);
        }

        return $old !== $new;
    }

    /**
     * @param  list<string>  $all
     * @param  list<string>  $less
     * @return list<string>
     */
    private static function without(array $all, array $less): array
    {
        foreach ($less as $one) {
            $at = array_search($one, $all, true);
            if ($at !== false) {
                unset($all[$at]);
            }
        }

        return array_values($all);
    }

    private function stack(Stack $old, Stack $new): void
    {
        if ($old->direction !== $new->direction) {
            $this->add('lies '.(str_starts_with($new->direction->value, 'row') ? 'in a row' : 'in a column').(str_ends_with($new->direction->value, 'reverse') ? ', last first' : ''), Aspect::Layout);
        }
        $this->gap($old->direction->isRow() ? $old->columnGap : $old->rowGap, $new->direction->isRow() ? $new->columnGap : $new->rowGap);
        if ($old->padding->toArray() !== $new->padding->toArray()) {
            $this->add('has other margins inside', Aspect::Density);
        }
        if ([$old->justifyContent, $old->alignItems, $old->wrap] !== [$new->justifyContent, $new->alignItems, $new->wrap]) {
            $this->add('aligns its parts otherwise', Aspect::Layout);
        }
    }

    private function gap(float $old, float $new): void
    {
        if ($old !== $new) {
            $this->add('has its parts '.($new > $old ? 'further apart' : 'closer together').' ('.self::arrow($old, $new).' px)', Aspect::Density);
        }
    }

    private function array(ArrayLayer $old, ArrayLayer $new): void
    {
        if ($old->columns !== $new->columns) {
            $this->add('has '.($new->columns === null ? 'as many columns as fit' : Naming::count($new->columns, 'column')).' instead of '.($old->columns === null ? 'as many as fit' : Naming::number($old->columns)), Aspect::Layout);
        }
        $rows = count($new->sheet->rows) - count($old->sheet->rows);
        if ($rows !== 0) {
            $this->add(($rows > 0 ? 'gained ' : 'lost ').Naming::count(abs($rows), 'cell'), Aspect::Density);
        } elseif (json_encode($old->sheet->toArray()) !== json_encode($new->sheet->toArray())) {
            $this->add('is filled otherwise', Aspect::Wording);
        }
        $this->gap($old->rowGap, $new->rowGap);
    }

    private function chart(Chart $old, Chart $new): void
    {
        if ($old->form !== $new->form) {
            $this->add("shows its numbers as {$new->form->value} instead of {$old->form->value}", Aspect::Layout);
        }
        $rows = count($new->sheet->rows) - count($old->sheet->rows);
        if ($rows !== 0) {
            $this->add(($rows > 0 ? 'gained ' : 'lost ').Naming::count(abs($rows), 'point'), Aspect::Density);
        } elseif ($old->sheet->toArray() != $new->sheet->toArray()) { // @phpstan-ignore notEqual.notAllowed (their values count)
            $this->add('shows other numbers', Aspect::Wording);
        }
        if ($old->min !== $new->min || $old->max !== $new->max || $old->logarithmic !== $new->logarithmic) {
            $this->add('has another scale', Aspect::Layout);
        }
        if ($old->legend !== $new->legend) {
            $this->add($new->legend === Legend::None ? 'has no legend any more' : "has its legend at the {$new->legend->value}", Aspect::Layout);
        }
    }

    /** Sizes that somebody set: others follow from content or layout, where the cause is told. */
    private function size(): void
    {
        $old = $this->old;
        $new = $this->new;
        if ($old->isGroup() || ($new->content instanceof Text && ! $new->content->wrapped)) {
            return;
        }
        $wider = $new->widthFrom() === Size::Length && abs($new->box->width - $old->box->width) >= 1;
        $taller = $new->heightFrom() === Size::Length && abs($new->box->height - $old->box->height) >= 1;
        $up = fn (bool $width): bool => $width ? $new->box->width > $old->box->width : $new->box->height > $old->box->height;
        $screen = $this->tree->screens[(string) $this->old->screen] ?? null;
        match (true) {
            $wider && $taller && $up(true) === $up(false) => $this->add('is '.($up(true) ? 'larger' : 'smaller').' ('.self::sides($old).' → '.self::sides($new).' px)', Aspect::Emphasis),
            $wider && $new->parent === null && $screen !== null && $new->box->x <= 0 && $new->box->right() >= $screen->box->width => $this->add('fills the width', Aspect::Layout),
            $wider => $this->add('is '.($up(true) ? 'wider' : 'narrower').' ('.self::arrow($old->box->width, $new->box->width).' px)', Aspect::Layout),
            default => null,
        };
        if ($taller && ! ($wider && $up(true) === $up(false))) {
            $this->add('is '.($up(false) ? 'taller' : 'less tall').' ('.self::arrow($old->box->height, $new->box->height).' px)', Aspect::Layout);
        }
        if ($old->rotation !== $new->rotation) {
            $this->add($new->rotation === 0.0 ? 'stands upright' : 'is turned by '.Number::text($new->rotation - $old->rotation).'°', Aspect::Emphasis);
        }
    }

    private function look(): void
    {
        $old = $this->old;
        $new = $this->new;
        $colours = array_map(fn (Layer $layer): ?Colour => $layer->colour(), [$old, $new]);
        if ($colours[0]?->toHex() !== $colours[1]?->toHex()) {
            $this->add(match (true) {
                $colours[1] === null => 'has lost its colour',
                $colours[0] === null => 'is '.Oklab::of($colours[1])->called(),
                default => 'is '.self::colour(Oklab::of($colours[0]), Oklab::of($colours[1])),
            }, Aspect::Emphasis);
        }
        $strokes = fn (Layer $layer): array => array_map(fn (Stroke $stroke): array => $stroke->toArray(), $layer->strokes);
        if ($strokes($old) !== $strokes($new)) {
            [$before, $after] = [$old->strokes[0]->width ?? 0.0, $new->strokes[0]->width ?? 0.0];
            $this->add(match (true) {
                $new->strokes === [] => 'has lost its outline',
                $old->strokes === [] => 'has an outline',
                $before !== $after => 'has '.($after > $before ? 'a thicker' : 'a thinner').' outline',
                default => 'has another outline',
            }, Aspect::Emphasis);
        }
        $rounder = $new->corners->topLeft - $old->corners->topLeft;
        if ($old->corners->toArray() !== $new->corners->toArray()) {
            $this->add($rounder === 0.0 ? 'has other corners' : 'has '.($rounder > 0 ? 'rounder' : 'sharper').' corners ('.self::arrow($old->corners->topLeft, $new->corners->topLeft).' px)', Aspect::Emphasis);
        }
        if ($old->opacity !== $new->opacity) {
            $this->add($new->opacity < $old->opacity ? 'is fainter' : 'is stronger', Aspect::Emphasis);
        }
        $this->further();
    }

    /** What can be seen and has no sentence of its own. */
    private function further(): void
    {
        $told = [...self::TOLD, ...($this->new->content instanceof Chart ? self::TOLD_OF_CHARTS : [])];
        foreach (Field::all() as $field) {
            [$was, $is] = [$field->of($this->old), $field->of($this->new)];
            if ($was !== $is && $was !== null && $is !== null && $field->isSeen() && ! in_array($field->root(), $told, true)) {
                $words = fn (string $value): string => $value === '' ? 'none' : $field->options()[$value] ?? $value;
                $this->add("has another {$field->label()} ({$words($was)} → {$words($is)})", Aspect::Emphasis);
            }
        }
    }

    private static function arrow(float $old, float $new): string
    {
        return Number::text($old).' → '.Number::text($new);
    }

    private static function sides(Layer $layer): string
    {
        return Number::text($layer->box->width).' × '.Number::text($layer->box->height);
    }

    private static function plain(string $icon): string
    {
        return str_replace('-', ' ', $icon);
    }
}
