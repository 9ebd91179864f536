<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Note;
use App\Models\Project;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Entity;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\IconSource;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\WorkingSet;
use Kindred\Input\Search;
use Kindred\Kit\FreshChart;
use Kindred\Kit\Kit;

/**
 * Finds things of a project, and things that can be put into it, by parts of words.
 *
 * @phpstan-type Hit array{kind: string, id: string, title: string, where: string, screen?: string}
 */
final readonly class Finder
{
    /** Of each kind so many are found at most. */
    private const MAX = 24;

    /** How many layers that the database found are searched in full. */
    private const LOOKED_INTO = 4000;

    public function __construct(private Connection $database, private TreeLoader $store, private IconSource $icons)
    {
    }

    /**
     * @param  string  $words  parts of words, all of which are to be found
     * @return list<Hit> screens first, then layers, the brief, notes, widgets, icons
     */
    public function find(Project $project, string $words): array
    {
        $words = trim($words);
        if ($words === '') {
            return [];
        }
        $tree = $this->store->load($project, new WorkingSet(reel: true, things: [Entity::Entry]));
        $hits = [];
        $screens = [];
        foreach ($tree->hung() as $screen) {
            $screens[$screen->id] = $screen->name;
            if (Search::holds($screen->name, $words)) {
                $hits[] = ['kind' => 'screen', 'id' => $screen->id, 'title' => $screen->name, 'where' => $screen->component === null ? '' : 'component'];
            }
        }
        $hits = array_slice($hits, 0, self::MAX);
        array_push($hits, ...$this->layers($project, $words, $screens));
        $entries = array_filter($tree->entries(), fn (Entry $entry): bool => $entry->part === Part::Requirement && $entry->holds($words));
        foreach (array_slice($entries, 0, self::MAX) as $entry) {
            $hits[] = ['kind' => 'requirement', 'id' => $entry->id, 'title' => $entry->title, 'where' => 'in the brief'];
        }
        foreach (Note::of($project)->filter(fn (Note $note): bool => $note->holds($words))->take(self::MAX) as $note) {
            $hits[] = ['kind' => 'note', 'id' => (string) $note->id, 'title' => mb_strimwidth($note->words, 0, 120, '…'), 'where' => trim("note {$note->number}, ".($screens[$note->screen] ?? 'on the wall'), ', ')];
        }
        foreach (array_slice(Kit::search($words), 0, self::MAX) as $kind) {
            $hits[] = ['kind' => 'widget', 'id' => $kind::key(), 'title' => $kind->name(), 'where' => 'in the kit'];
        }
        foreach (FreshChart::search($words) as $form) {
            $hits[] = ['kind' => 'widget', 'id' => FreshChart::key($form), 'title' => FreshChart::name($form), 'where' => 'in the kit'];
        }
        foreach ($this->icons->search($words, self::MAX) as $icon) {
            $hits[] = ['kind' => 'icon', 'id' => $icon, 'title' => str_replace('-', ' ', $icon), 'where' => ''];
        }

        return $hits;
    }

    /**
     * By their names and by what they say, in their data sheets and their copies too.
     *
     * @param  array<string, string>  $screens  names by id
     * @return list<Hit>
     */
    private function layers(Project $project, string $words, array $screens): array
    {
        $rows = $this->database->table('layers')->where('project_id', $project->id)->whereIn('screen', ['', ...array_keys($screens)]);
        foreach (preg_split('/\s+/u', $words, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $rows->where(fn (Builder $either) => $either->whereRaw("json_value(body, '$.name') like ?", [$like])->orWhereRaw("json_value(body, '$.words') like ?", [$like])
                ->orWhere(fn (Builder $more) => $more->whereIn('kind', ['widget', ...Kinds::of(Expanding::class)])->where('body', 'like', $like))->orWhere('sheet_rows', 'like', $like));
        }
        $hits = [];
        foreach ($rows->orderBy('screen')->orderBy('id')->limit(self::LOOKED_INTO)->get(['id', 'screen', 'kind', 'body', 'sheet_rows']) as $row) {
            /** @var array<string, mixed> $body */
            $body = json_decode($row->body, true) ?? [];
            $name = is_string($body['name'] ?? null) ? $body['name'] : '';
            $says = self::says($row->kind, $body, (string) $row->sheet_rows);
            $found = array_values(array_filter($says, fn (string $text): bool => Search::holds($text, $words)));
            if ($found === [] && ! Search::holds($name, $words)) {
                continue;
            }
            $title = $found === [] || Search::holds($name, $words) ? $name : self::excerpt($found[0], $words);
            $hits[] = ['kind' => 'layer', 'id' => $row->id, 'title' => $title, 'where' => "{$row->kind}, ".($screens[$row->screen] ?? 'on the wall'), 'screen' => $row->screen];
            if (count($hits) === self::MAX * 2) {
                break;
            }
        }

        return $hits;
    }

    /** What stands around the first of the words, on one line. */
    private static function excerpt(string $text, string $words): string
    {
        $line = trim((string) preg_replace('/\s+/u', ' ', $text));
        $first = (string) strtok($words, " \t\n");
        $from = max(0, (int) mb_stripos($line, $first) - 24);

        return ($from > 0 ? '…' : '').mb_strimwidth(ltrim(mb_substr($line, $from), ' .,;:!?'), 0, 80, '…');
    }

    /**
     * @param  array<string, mixed>  $body
     * @return list<string>
     */
    private static function says(string $kind, array $body, string $lines): array
    {
        $texts = [$body['words'] ?? ''];
        if ($kind === 'widget') {
            $items = is_array($body['items'] ?? null) ? $body['items'] : [];
            $texts = [$body['label'] ?? '', $body['text'] ?? '', $body['hint'] ?? '', $body['columns'] ?? [], array_map(fn (mixed $item): array => is_array($item) ? [$item['label'] ?? '', $item['cells'] ?? []] : [], $items)];
        }
        // What copies say instead of their design.
        $own = is_array($body['overrides'] ?? null) ? $body['overrides'] : [];
        array_walk_recursive($own, function (mixed $value, int|string $path) use (&$texts): void {
            if ($path === Slot::Words->path()) {
                $texts[] = $value;
            }
        });
        foreach ($lines === '' ? [] : explode("\n", $lines) as $line) {
            $texts[] = json_decode((string) strstr($line, '{'), true);
        }
        $out = [];
        array_walk_recursive($texts, function (mixed $text) use (&$out): void {
            if (is_string($text) && $text !== '') {
                $out[] = $text;
            }
        });

        return $out;
    }
}
