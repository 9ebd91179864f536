<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Component\Turning;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Kit\Kit;
use Kindred\Kit\WidgetPart;
use Kindred\Layout\Expansion;
use Kindred\Layout\LaysOut;
use Kindred\Layout\Shapes;
use Kindred\Motion\Match\Flights;
use Kindred\Render\PlayedScreens;
use Kindred\Render\RehearsalMarkup;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;
use Kindred\Type\FaceBook;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/** The whole prototype as one web page that needs no server: pictures, fonts, programme and player inside. */
final readonly class WebPage
{
    public function __construct(
        private Renderer $renderer,
        private FaceBook $faces,
        private Expansion $expansion,
        private LaysOut $layout,
        private Shapes $shapes,
        private string $player,
        private string $styles,
    ) {
    }

    /**
     * @param  \Closure(string): string  $asset  gives a data address of a picture, by its hash
     * @param  \Closure(string): (array{int, int}|null)|null  $size  gives its width and height in px
     */
    public function write(Tree $tree, \Closure $asset, ?\Closure $size = null): string
    {
        $rendering = new Rendering(TextMode::Live, $asset, working: true, size: $size);
        $screens = implode('', [...(new PlayedScreens($this->renderer, $this->layout))->templates($tree, $rendering)]);
        $title = Svg::text($tree->project->name);
        $styles = $this->fontFaces($tree).$this->styles;
        $programme = json_encode(Programme::compile($tree, $this->layout, new Flights($this->renderer, $this->expansion, $this->shapes, $rendering)), JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE);
        $policy = "default-src 'none'; img-src data:; font-src data:; style-src 'sha256-{$this->hash($styles)}'; script-src 'sha256-{$this->hash($this->player)}'";

        return <<<HTML
            <!doctype html>
            <html lang="en">
            <head>
            <meta charset="utf-8">
            <meta http-equiv="Content-Security-Policy" content="{$policy}">
            <meta name="viewport" content="width=device-width, initial-scale=1">
            <title>{$title}</title>
            <style>{$styles}</style>
            </head>
            <body class="rehearsal">
            <div id="rehearsal" data-title="{$title}"></div>
            {$screens}
            <script type="application/json" id="programme">{$programme}</script>
            <script>{$this->player}</script>
            </body>
            </html>

            HTML;
    }

    private function fontFaces(Tree $tree): string
    {
        $faces = $further = [];
        foreach ($tree->reel() as $screen) {
            $rough = $tree->finish($screen->id) === Finish::Rough;
            foreach ($this->texts($tree, $screen) as $text) {
                foreach ([$text->style, ...array_map(fn (Run $run): TextStyle => $run->setting($text->style)->style, $text->runs)] as $style) {
                    [$family, $weight] = $rough ? $this->faces->hand($style->weight) : $this->faces->nearest($style->family, $style->weight);
                    $italic = $style->italic && ! $rough && $this->faces->hasItalic($family);
                    $faces["{$family} {$weight} {$italic}"] = [$family, $weight, $italic];
                    $further += $this->faces->standIns($text->words, $style->with(family: $family, weight: $weight));
                }
            }
        }
        ksort($faces);
        $out = '';
        foreach ($faces as [$family, $weight, $italic]) {
            $out .= self::fontFace($family, $weight, $italic ? 'font-style:italic;' : '', $this->faces->file($family, $weight, $italic));
        }
        ksort($further);
        foreach ($further as ['weight' => $weight, 'ranges' => $ranges, 'file' => $file]) {
            $out .= self::fontFace(FaceBook::BEYOND, $weight, "unicode-range:{$ranges};", $file());
        }

        return $out;
    }

    private static function fontFace(string $family, int $weight, string $more, string $file): string
    {
        return "@font-face{font-family:\"{$family}\";font-weight:{$weight};{$more}src:url(data:font/woff2;base64,".base64_encode($file).') format("woff2")}';
    }

    /** @return \Generator<Text> all that a screen may show while it is played */
    private function texts(Tree $tree, Screen $screen): \Generator
    {
        $kit = (new Kit(new Typesetter($this->faces)))->wearing($tree->look($screen->id));
        $axes = Turning::axes($tree);
        $turned = fn (Tree $in, Layer $layer): array => $this->turned($in, $layer, $axes);
        foreach ($this->expansion->shown($tree, new Place($screen->id), turned: $axes === [] ? null : $turned) as [$layer]) {
            foreach ([$layer, ...$this->parts($kit, $layer)] as $one) {
                if ($one->content instanceof Text) {
                    yield $one->content;
                }
            }
        }
    }

    /**
     * @param  array<string, true>  $axes  along which some cue changes states
     * @return list<Layer> an instance in all states in which it may come to be shown; any other layer as it is
     */
    private function turned(Tree $tree, Layer $layer, array $axes): array
    {
        $component = $tree->component($layer->component());
        $variants = $component === null ? [] : Turning::variants($component, $layer, $axes);

        return $variants === [] ? [$layer] : array_map(fn (array $states): Layer => $this->expansion->inStates($tree, $layer, $states), $variants);
    }

    /** @return list<Layer> all that a widget may show while it is played */
    private function parts(Kit $kit, Layer $layer): array
    {
        $out = $kit->parts($layer);
        $keyboard = RehearsalMarkup::isTyped($layer) ? RehearsalMarkup::keyboard($layer->box->width) : null;
        foreach (array_filter([$layer, Kit::opened($layer), $keyboard]) as $one) {
            array_push($out, ...array_map(fn (WidgetPart $part): Layer => $part->layer, $kit->variants($one)->parts ?? []));
        }

        return $out;
    }

    private function hash(string $text): string
    {
        return base64_encode(hash('sha256', $text, true));
    }
}
