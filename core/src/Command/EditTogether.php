<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/**
 * A command on parts of one copy, and what it comes to in the same parts of the others.
 *
 * Where the copies themselves lie, and which of them there are, is each one's own; so is what they say and show where they
 * differ in that. What is placed is moved by as much in each, and has the same size.
 *
 * @phpstan-type Part array{id: string, screen: string|null, copy: int, part: int}
 */
final readonly class EditTogether implements Command
{
    private const MAX_COPIES = 500;

    /**
     * @param  array<array-key, mixed>  $data  of the command
     * @param  array<string, Part>  $parts  by id
     * @param  array<int, list<Part>>  $alike  the same part of all copies, by its number
     * @param  array<int, list<string>>  $apart  in what copies differ, by part: `words`, `asset`, `shown`
     */
    private function __construct(private Command $own, private array $data, private array $parts, private array $alike, private array $apart)
    {
    }

    public static function type(): string
    {
        return 'edit-together';
    }

    public static function read(Reader $in): self
    {
        $command = $in->object('command');
        if ($command->string('type', 40) === self::type()) {
            $command->fail('type', 'copies of copies are edited one by one');
        }
        $parts = [];
        $copies = $in->list('copies', fn (Reader $one): array => [$one->optionalId('screen'), Address::layers($one, 'parts')], 1, self::MAX_COPIES);
        foreach ($copies as $copy => [$screen, $ids]) {
            foreach ($ids as $part => $id) {
                $parts[$id] = ['id' => $id, 'screen' => $screen, 'copy' => $copy, 'part' => $part];
            }
        }
        $alike = $apart = [];
        foreach ($parts as $one) {
            $alike[$one['part']][] = $one;
        }
        $differences = $in->has('apart') ? $in->object('apart') : null;
        foreach (array_keys($differences?->raw() ?? []) as $part) {
            $apart[(int) $part] = $differences?->strings((string) $part, 80, 100) ?? [];
        }

        return new self(Commands::read($command), $command->raw(), $parts, $alike, $apart);
    }

    public function workingSet(): WorkingSet
    {
        return WorkingSet::join($this->own->workingSet(), ...array_map(fn (Command $one): WorkingSet => $one->workingSet(), $this->others(null)));
    }

    public function apply(Tree $tree): Tree
    {
        $others = $this->others($tree);
        $tree = $this->own->apply($tree);
        foreach ($others as $other) {
            $tree = $other->apply($tree);
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        return "{$this->own->label($before)}, in all copies";
    }

    /**
     * @param  Tree|null  $tree  before the command; without it what is placed is not known, but which layers are
     * @return list<Command>
     */
    private function others(?Tree $tree): array
    {
        $layer = $this->text('layer');
        $others = match ($this->data['type']) {
            SetField::type() => $this->onLayers(fn (int $part): bool => ! $this->differs($part, $this->text('field'))),
            MarkLayers::type() => $this->onLayers(fn (int $part): bool => ! isset($this->data['hidden']) || ! $this->differs($part, 'shown')),
            MoveLayers::type(), DeleteLayers::type() => $this->onLayers(fn (int $part): bool => $part > 0),
            SetWords::type() => array_map(
                fn (array $mate): array => ['screen' => $mate['screen'], 'layer' => $mate['id']],
                isset($this->parts[$layer]) && ! $this->differs($this->parts[$layer]['part'], 'words') ? $this->mates($layer) : [],
            ),
            CreateLayers::type() => array_map(
                fn (array $mate): array => ['screen' => $mate['screen'], 'parent' => $mate['id'], 'seed' => "{$this->text('seed')}.{$mate['copy']}"],
                $this->mates($this->text('parent')),
            ),
            PlaceLayers::type() => $this->onPlaces($tree),
            default => [],
        };

        return array_map(fn (array $other): Command => Commands::read(Reader::of([...$this->data, ...$other], 'command')), $others);
    }

    /**
     * For every screen one command with the layers there.
     *
     * @param  \Closure(int): bool  $allowed  for a part
     * @return list<array<string, mixed>>
     */
    private function onLayers(\Closure $allowed): array
    {
        $named = is_array($this->data['layers'] ?? null) ? array_filter($this->data['layers'], is_string(...)) : [];
        [$by, $known] = [[], array_fill_keys($named, true)];
        foreach ($named as $id) {
            foreach (isset($this->parts[$id]) && $allowed($this->parts[$id]['part']) ? $this->mates($id) : [] as $mate) {
                if (! isset($known[$mate['id']])) {
                    $by[$mate['screen'] ?? ''][] = $mate['id'];
                }
            }
        }

        return self::eachScreen($by, 'layers');
    }

    /** @return list<array<string, mixed>> */
    private function onPlaces(?Tree $tree): array
    {
        $by = [];
        foreach (Reader::of($this->data, 'command')->list('places', fn (Reader $place): Reader => $place) as $place) {
            $id = Address::layer($place, 'id');
            foreach ($this->mates($id) as $mate) {
                [$own, $other] = [($tree->layers[$id] ?? null)?->box, ($tree->layers[$mate['id']] ?? null)?->box];
                $moves = $mate['part'] > 0 && $own !== null;
                $by[$mate['screen'] ?? ''][] = [
                    ...$place->raw(),
                    'id' => $mate['id'],
                    'x' => ($other->x ?? 0.0) + ($moves ? $place->number('x') - $own->x : 0),
                    'y' => ($other->y ?? 0.0) + ($moves ? $place->number('y') - $own->y : 0),
                ];
            }
        }

        return self::eachScreen($by, 'places');
    }

    /**
     * @param  array<string, list<mixed>>  $by  what is named, by screen
     * @return list<array<string, mixed>>
     */
    private static function eachScreen(array $by, string $key): array
    {
        return array_map(fn (string $screen, array $some): array => ['screen' => $screen === '' ? null : $screen, $key => $some], array_keys($by), $by);
    }

    /** @return list<Part> the same part in the other copies */
    private function mates(string $id): array
    {
        $own = $this->parts[$id] ?? null;

        return $own === null ? [] : array_values(array_filter($this->alike[$own['part']], fn (array $one): bool => $one['copy'] !== $own['copy']));
    }

    private function differs(int $part, string $what): bool
    {
        return in_array($what, ['words', 'asset', 'shown'], true) && in_array($what, $this->apart[$part] ?? [], true);
    }

    private function text(string $key): string
    {
        return is_string($this->data[$key] ?? null) ? $this->data[$key] : '';
    }
}
