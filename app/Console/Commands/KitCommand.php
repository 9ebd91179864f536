<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Canvas\Raster;
use Illuminate\Console\Command;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;
use Kindred\Render\TextMode;

/** Every widget in every finish on one picture, to be looked at. */
final class KitCommand extends Command
{
    /** Width of a widget's room, of the gap between two, and columns of widgets, px. */
    private const ROOM = 250;

    private const GAP = 14;

    private const COLUMNS = 2;

    protected $signature = 'kindred:kit {file : the PNG to write}';

    protected $description = 'Draws every widget in every finish on one contact sheet';

    public function handle(Renderer $renderer, Raster $raster): int
    {
        $file = $this->argument('file');
        $tops = array_fill(0, self::COLUMNS, self::GAP);
        $out = '';
        foreach (Kit::search('') as $kind) {
            $column = (int) array_search(min($tops), $tops, true);
            [$width, $height] = $kind->size();
            $scale = min(0.62, self::ROOM / $width, 120 / $height);
            foreach (Finish::cases() as $i => $finish) {
                $layer = Layer::read(Reader::of(Kit::fresh($kind)), id: str_replace('-', '', $kind::key()), rank: 'm');
                $rendering = (new Rendering(TextMode::Outlines, fn (string $hash): string => ''))->in($finish);
                $x = self::GAP + $column * (3 * self::ROOM + 4 * self::GAP) + $i * (self::ROOM + self::GAP);
                $out .= Svg::element('g', ['transform' => "translate({$x} {$tops[$column]}) scale(".Number::text($scale).')'], $renderer->layer(new Tree(new Project('Kit')), $layer, $rendering));
            }
            $tops[$column] += (int) ceil($height * $scale) + self::GAP;
        }
        [$width, $height] = [self::COLUMNS * (3 * self::ROOM + 4 * self::GAP), max($tops)];
        $svg = Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => $width, 'height' => $height, 'viewBox' => "0 0 {$width} {$height}"],
            Svg::element('rect', ['width' => $width, 'height' => $height, 'fill' => '#f6f7f6']), $out);
        file_put_contents($file, $raster->png($svg, 1));
        $this->info(count(Kit::ALL)." widgets in three finishes: {$file}");

        return self::SUCCESS;
    }
}
