<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * The second demo: members of Fernhollow Pottery book room on a kiln shelf, roughed out from widgets that work in a
 * rehearsal. What is chosen on one screen is read on the next.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final class KilnShelf
{
    private int $count = 0;

    private int $cues = 0;

    /** The project file, as JSON. */
    public static function file(): string
    {
        $self = new self;
        $screens = [
            $self->screen('firing', 'Choose a firing', 0, $self->firing()),
            $self->screen('shelfroom', 'Room on the shelf', 1, $self->room()),
            $self->screen('contact', 'Contact', 2, $self->contact()),
            $self->screen('summary', 'Summary', 3, $self->summary()),
            $self->screen('booked', 'Booked', 4, $self->done()),
        ];
        $layers = array_merge(...array_column($screens, 'layers'));

        return json_encode([
            'format' => 'kindred-canvas',
            'version' => 2,
            'name' => 'Kiln-shelf booking',
            'finish' => 'rough',
            'entry' => 'firing',
            'screens' => $screens,
            'brief' => KilnShelfBrief::entries(array_column(array_reverse($layers), 'id', 'name')),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
    }

    /** @return list<LayerData> */
    private function firing(): array
    {
        return [
            ...$this->head('Kiln shelf'),
            $this->text('Which firing?', 116, 30, 600),
            $this->text('Shelves are let by the firing. Bring dry pieces the evening before.', 160, 15, 400),
            $this->widget('table', 'Firings', 24, 224, 342, 192, [
                'columns' => ['Firing', 'Opens', 'A shelf'], 'signal' => 'firing', 'required' => true,
                'items' => [$this->item('Bisque', ['Thursday', '6.50']), $this->item('Glaze', ['Saturday', '9.00']), $this->item('Stoneware', ['Monday', '11.00'])],
            ]),
            $this->button('Next', 'shelfroom'),
        ];
    }

    /** @return list<LayerData> */
    private function room(): array
    {
        return [
            ...$this->head('Room on the shelf', true),
            $this->text('{firing} firing, opens {firing.opens}', 112, 17, 500),
            $this->widget('radio-group', 'Shelf', 24, 156, 342, 202, [
                'label' => 'How much room?', 'signal' => 'shelf', 'required' => true,
                'items' => [$this->item('A corner', ['0.25']), $this->item('Half a shelf', ['0.5']), $this->item('A whole shelf', ['1'], true), $this->item('Two shelves', ['2'])],
            ]),
            $this->text('Pieces', 390, 17, 500),
            $this->widget('stepper', 'Pieces', 222, 382, 144, 44, ['value' => 4, 'min' => 1, 'max' => 40, 'signal' => 'pieces']),
            $this->widget('date-picker', 'Brought on', 24, 454, 342, 52, ['label' => 'November 2026', 'value' => 26, 'signal' => 'brought']),
            $this->widget('slider', 'Tallest piece', 24, 534, 342, 56, ['label' => 'Tallest piece, cm', 'value' => 18, 'min' => 2, 'max' => 60, 'signal' => 'tallest']),
            $this->text('{firing.a_shelf * shelf.value + pieces * 0.4 as 0.00} €', 620, 24, 600),
            $this->text('{pieces} pieces at 0.40 each, and the shelf', 690, 15, 400),
            $this->button('Next', 'contact'),
        ];
    }

    /** @return list<LayerData> */
    private function contact(): array
    {
        return [
            ...$this->head('Contact', true),
            $this->widget('text-field', 'Name', 24, 120, 342, 72, ['label' => 'Name', 'hint' => 'As on your locker', 'required' => true, 'icon' => 'user']),
            $this->widget('text-field', 'E-mail', 24, 212, 342, 72, ['label' => 'E-mail', 'hint' => 'you@example.org', 'signal' => 'email', 'accepts' => 'email', 'required' => true]),
            $this->widget('text-field', 'E-mail again', 24, 304, 342, 72, ['label' => 'E-mail again', 'hint' => 'To be sure', 'equals' => 'email', 'required' => true]),
            $this->widget('select', 'Told by', 24, 396, 342, 72, ['label' => 'Tell me when it is cool', 'signal' => 'told', 'items' => [$this->item('By e-mail', [], true), $this->item('On the board'), $this->item('Not at all')]]),
            $this->widget('text-area', 'Wishes', 24, 488, 342, 120, ['label' => 'Anything else?', 'hint' => 'Lids, tall handles, a first firing', 'signal' => 'wishes']),
            $this->widget('check-boxes', 'Terms', 24, 622, 342, 44, ['required' => true, 'items' => [$this->item('My pieces are bone dry')]]),
            $this->button('Next', 'summary'),
        ];
    }

    /** @return list<LayerData> */
    private function summary(): array
    {
        $rows = [
            ['flame', '{firing} firing', 'Opens {firing.opens}'],
            ['package', '{shelf}', '{pieces} pieces, up to {tallest} cm'],
            ['calendar-days', 'Brought on {brought as EEEE d MMMM}', 'Fired the day after: {brought + 1 as d MMMM}'],
            ['user', '{name as capitalize}', '{email as lowercase}'],
        ];
        $layers = [];
        foreach ($rows as $i => [$icon, $label, $text]) {
            $layers[] = $this->widget('list-row', "Row {$i}", 0, 112 + 72 * $i, 390, 72, ['label' => $label, 'text' => $text, 'icon' => $icon]);
        }

        return [
            ...$this->head('Summary', true),
            ...$layers,
            $this->text('To pay', 444, 17, 500),
            $this->text('{firing.a_shelf * shelf.value + pieces * 0.4 as 0.00} €', 472, 24, 600),
            $this->button('Book the shelf', 'booked'),
        ];
    }

    /** @return list<LayerData> */
    private function done(): array
    {
        return [
            ...$this->head('Booked'),
            $this->text('Your shelf is kept', 180, 30, 600),
            $this->text("{serial as 'KS-'000000}", 232, 30, 600),
            $this->text('Write this number on a slip of paper and leave it with your pieces. We wrote to {email}.', 312, 17, 400, 342, 74),
            $this->button('Done', 'firing'),
        ];
    }

    /** @return list<LayerData> */
    private function head(string $title, bool $back = false): array
    {
        $bar = $this->widget('top-bar', 'Top bar', 0, 44, 390, 56, ['label' => $title, 'icon' => $back ? 'chevron-left' : '']) + ['pins' => ['left' => true, 'right' => true, 'top' => true]];

        return [
            $this->widget('status-bar', 'Status bar', 0, 0, 390, 44, ['label' => '16:05']) + ['pins' => ['left' => true, 'right' => true, 'top' => true]],
            $back ? ['cues' => [['id' => 'goback'.$this->cues++, 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return'], 'transition' => null]]] + $bar : $bar,
        ];
    }

    /** @return LayerData */
    private function button(string $label, string $target): array
    {
        return $this->widget('button', $label, 24, 748, 342, 52, ['label' => $label]) + [
            'pins' => ['left' => true, 'right' => true, 'bottom' => true],
            'cues' => [['id' => 'gonext'.$this->cues++, 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $target], 'checks' => true,
                'transition' => ['kind' => 'push', 'direction' => 'left', 'duration' => 240, 'delay' => 0, 'easing' => 'ease-out']]],
        ];
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, mixed>
     */
    private function item(string $label, array $cells = [], bool $on = false): array
    {
        return ['label' => $label, 'cells' => $cells, 'on' => $on];
    }

    /** @return LayerData */
    private function text(string $words, float $y, float $size, int $weight, float $width = 342, ?float $height = null): array
    {
        return ['id' => sprintf('kiln%03d', ++$this->count), 'kind' => 'text', 'name' => mb_strimwidth($words, 0, 32, '…'), 'x' => 24, 'y' => $y, 'width' => $width, 'height' => $height ?? $size * 1.4, 'words' => $words, 'wrapped' => true,
            'style' => ['family' => 'Hanken Grotesk', 'weight' => $weight, 'size' => $size, 'lineHeight' => 1.4], 'fills' => [['colour' => '#1e2425']], 'pins' => ['left' => true, 'right' => true]];
    }

    /**
     * @param  array<string, mixed>  $content
     * @return LayerData
     */
    private function widget(string $kind, string $name, float $x, float $y, float $width, float $height, array $content): array
    {
        return ['id' => sprintf('kiln%03d', ++$this->count), 'kind' => 'widget', 'widget' => $kind, 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] + $content;
    }

    /**
     * @param  list<LayerData>  $layers
     * @return array<string, mixed>
     */
    private function screen(string $id, string $name, int $place, array $layers): array
    {
        return ['id' => $id, 'name' => $name, 'device' => 'phone', 'x' => $place * 480, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#fbfaf8', 'layers' => $layers];
    }
}
