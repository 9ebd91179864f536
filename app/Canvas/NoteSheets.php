<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Note;
use App\Models\Project;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Geometry\Number;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Kit\Sketch;
use Kindred\Kit\Tone;
use Kindred\Render\Renderer;
use Kindred\Render\Rendering;
use Kindred\Render\Svg;
use Kindred\Type\TextAlign;
use Kindred\Type\Typesetter;

/** Notes on paper: for each screen that has some a page, A4 across, with the numbered marks on it and the list beside it. */
final readonly class NoteSheets
{
    /** A4 at 96 px to the inch. */
    private const WIDTH = 1123.0;

    private const HEIGHT = 794.0;

    private const MARGIN = 40.0;

    /** Of the list, px. */
    private const LIST = 420.0;

    private const MARK = '#6b3a5b';

    public function __construct(private TreeLoader $store, private Renderer $renderer, private Pictures $pictures, private Typesetter $typesetter, private Raster $raster)
    {
    }

    /** @throws InvalidInput where there is no note to print */
    public function pdf(Project $project): string
    {
        $notes = [];
        foreach (Note::of($project) as $note) {
            $notes[$note->screen][] = $note;
        }
        if ($notes === []) {
            throw new InvalidInput('notes', 'There is no note in this project yet.');
        }
        $tree = $this->store->withLayersOf($project, array_map(strval(...), array_keys($notes)));
        $pages = [];
        foreach ($tree->reel() as $screen) {
            array_push($pages, ...$this->pages($project, $tree, $screen, $screen->name, $notes[$screen->id] ?? []));
        }
        $other = array_merge(...array_values(array_diff_key($notes, $tree->screens)));

        return $this->raster->pdf([...$pages, ...$this->pages($project, $tree, null, 'Beside the screens', $other)]);
    }

    /**
     * @param  list<Note>  $notes
     * @return list<string> SVG; the list goes on on further pages where it is long
     */
    private function pages(Project $project, Tree $tree, ?Screen $screen, string $title, array $notes): array
    {
        if ($notes === []) {
            return [];
        }
        $rendering = $this->pictures->standalone($project);
        $picture = $screen === null ? '' : $this->picture($tree, $screen, $notes, $rendering);
        $pages = [];
        $left = $screen === null ? self::MARGIN : self::WIDTH - self::MARGIN - self::LIST;
        $sketch = null;
        $y = 0.0;
        foreach ($notes as $note) {
            $line = $note->writer().', '.$note->created_at->format('j F Y, H:i').($note->resolved ? ', resolved' : '');
            $probe = new Sketch(self::WIDTH, 20_000, $this->typesetter, 'probe', null);
            $height = $probe->paragraph($note->words, 0, 0, self::LIST - 36, 20_000, 12);
            if ($sketch === null || $y + min($height, 300) + 30 > self::HEIGHT - self::MARGIN - 24) {
                $pages = $sketch === null ? $pages : [...$pages, $this->page($sketch, $picture, $tree, $rendering)];
                $sketch = new Sketch(self::WIDTH, self::HEIGHT, $this->typesetter, 'page'.count($pages), null);
                $sketch->words($project->name, self::MARGIN, 22, 500, 18, 11, 400, Tone::Soft);
                $sketch->words($title, self::MARGIN, 38, 640, 28, 20, 700);
                $sketch->words('Numbers stand where a note is tied: filled while it is open, hollow when it is resolved.', self::MARGIN, self::HEIGHT - 34, 800, 16, 10, 400, Tone::Soft);
                $y = 84.0;
            }
            $sketch->box($left, $y, 22, 22, $note->resolved ? Tone::Paper : Tone::Ink, 3, Tone::Ink);
            $sketch->words((string) $note->number, $left, $y, 22, 22, 11, 700, $note->resolved ? Tone::Ink : Tone::Paper, TextAlign::Center);
            $taken = $sketch->paragraph($note->words, $left + 32, $y + 2, self::LIST - 36, self::HEIGHT - self::MARGIN - 40 - $y, 12);
            $sketch->words($line, $left + 32, $y + $taken + 3, self::LIST - 36, 14, 10, 400, Tone::Soft);
            $y += $taken + 32;
        }

        return [...$pages, $this->page($sketch, $picture, $tree, $rendering)];
    }

    private function page(Sketch $sketch, string $picture, Tree $tree, Rendering $rendering): string
    {
        return Svg::element('svg', ['xmlns' => 'http://www.w3.org/2000/svg', 'width' => self::WIDTH, 'height' => self::HEIGHT, 'viewBox' => '0 0 '.Number::text(self::WIDTH).' '.Number::text(self::HEIGHT)],
            $picture, implode('', array_map(fn (Layer $layer): string => $this->renderer->layer($tree, $layer, $rendering), $sketch->layers())));
    }

    /**
     * The screen with its marks, as large as fits beside the list.
     *
     * @param  list<Note>  $notes
     */
    private function picture(Tree $tree, Screen $screen, array $notes, Rendering $rendering): string
    {
        [$width, $height] = [self::WIDTH - 3 * self::MARGIN - self::LIST, self::HEIGHT - 84 - self::MARGIN - 10];
        $scale = min($width / $screen->box->width, $height / $screen->box->height);
        $marks = '';
        foreach ($notes as $note) {
            $at = $this->at($tree, $note);
            $paint = $note->resolved ? ['fill' => '#ffffff', 'stroke' => self::MARK] : ['fill' => self::MARK];
            $number = new Sketch(22, 22, $this->typesetter, "mark{$note->number}", null);
            $number->words((string) $note->number, 0, 0, 22, 22, 11, 700, $note->resolved ? Tone::Ink : Tone::Paper, TextAlign::Center);
            $marks .= Svg::element('g', ['transform' => 'translate('.Number::text($at->x * $scale - 11).' '.Number::text($at->y * $scale - 11).')'],
                Svg::element('rect', ['x' => 0.5, 'y' => 0.5, 'width' => 21, 'height' => 21, 'rx' => 3] + $paint),
                implode('', array_map(fn (Layer $layer): string => $this->renderer->layer($tree, $layer, $rendering), $number->layers())));
        }
        $frame = Svg::element('rect', ['x' => 0, 'y' => 0, 'width' => $screen->box->width * $scale, 'height' => $screen->box->height * $scale, 'fill' => 'none', 'stroke' => '#c4c9c9']);

        return Svg::element('g', ['transform' => 'translate('.Number::text(self::MARGIN).' 84)'],
            Svg::element('g', ['transform' => 'scale('.Number::text($scale).')'], $this->renderer->screen($tree, $screen, $rendering)), $frame, $marks);
    }

    /** Where a note stands on its screen: at the upper right corner of its layer while that is there, otherwise at its place. */
    private function at(Tree $tree, Note $note): Point
    {
        $layer = $tree->layers[$note->layer] ?? null;
        if ($layer === null || $layer->screen !== $note->screen) {
            return new Point($note->x, $note->y);
        }
        [$x, $y] = [$layer->box->right(), $layer->box->y];
        foreach ($tree->ancestors($layer) as $around) {
            [$x, $y] = [$x + $around->box->x, $y + $around->box->y];
        }

        return new Point($x, $y);
    }
}
