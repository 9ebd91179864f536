<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use App\Models\User;
use Illuminate\Database\Connection;
use Illuminate\Support\Collection;
use Kindred\Command\Command;
use Kindred\Command\NamesStep;
use Kindred\Command\Runner;
use Kindred\Document\Change;
use Kindred\Document\Component\Uses;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Overtaken;
use Kindred\Document\Project as ProjectThing;
use Kindred\Document\Token\Themes;
use Kindred\Document\Touched;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\Reader;
use Kindred\Layout\Computed;
use Kindred\Layout\Consequences;

/**
 * The one way in which a document changes.
 *
 * In one transaction: lock the project, load the working set, run the commands, work out what follows, take the
 * difference, write the rows and the edit. The project row is locked first and gives the sequence: writers wait for each
 * other in one line, no two ever for one another, and whoever reads edits in order misses none. What the answer shows
 * is drawn after the commit, when others can go on.
 */
final readonly class Editor
{
    /** How often a transaction is tried again after a deadlock. */
    private const ATTEMPTS = 8;

    public function __construct(
        private Connection $database,
        private TreeLoader $store,
        private TreeWriter $writer,
        private Consequences $consequences,
        private Runner $runner,
        private Patches $patches,
        private Assets $assets,
    ) {
    }

    /**
     * @param  non-empty-list<Command>  $commands
     * @param  int  $base  the latest edit that the caller had seen
     * @param  string|null  $token  the caller's name for this edit; the same token is carried out once
     * @param  list<int>  $own  later edits that the caller made, and so knew of
     *
     * @throws Refused when others have changed the same layers since
     * @throws \App\Storage\NoRoom when the disk is full
     */
    public function edit(Project $project, User $user, array $commands, int $base, ?string $token = null, array $own = []): Answer
    {
        $set = $this->needs($commands);

        return ($this->database->transaction(function () use ($project, $user, $commands, $set, $base, $token, $own): \Closure {
            $this->lock($project);
            if ($token !== null && ($done = $this->already($project, $token)) !== null) {
                return fn (): Answer => $this->since($project, $done - 1, $done);
            }
            $before = $this->store->load($project, $set, uses: true);

            return $this->record($project, $user, $before, $this->runner->run($before, ...$commands), min($base, $project->sequence), [
                'kind' => 'edit', 'label' => self::label($commands, $before), 'token' => $token,
            ], $own, $set->layers);
        }, self::ATTEMPTS))();
    }

    /**
     * As whoever sends it calls it, or as its first command does.
     *
     * @param  non-empty-list<Command>  $commands
     */
    private static function label(array $commands, Tree $before): string
    {
        $named = array_filter(array_map(fn (Command $one): ?string => $one instanceof NamesStep ? $one->step() : null, $commands), is_string(...));

        return reset($named) ?: $commands[0]->label($before);
    }

    /**
     * What commands would change in the picture, with nothing locked and nothing written.
     *
     * @param  non-empty-list<Command>  $commands
     * @param  bool  $uses  whether what shows the same elsewhere follows at once, or only when it is made
     */
    public function preview(Project $project, array $commands, bool $uses = false): Answer
    {
        $before = $this->store->load($project, $this->needs($commands), $uses);
        $after = $this->runner->run($before, ...$commands);

        return new Answer($project->sequence, $project->sequence, '', $this->patches->of($project, Difference::between($before, $after), $after, $before));
    }

    /** @throws Refused when the step can no longer be undone */
    public function undo(Project $project, User $user, ?string $token = null): Answer
    {
        return $this->replay($project, $user, 'undo', $token, fn (): ?\stdClass => $this->undoable($project, $user));
    }

    /** @throws Refused when the step can no longer be redone */
    public function redo(Project $project, User $user, ?string $token = null): Answer
    {
        return $this->replay($project, $user, 'redo', $token, fn (): ?\stdClass => $this->redoable($project, $user));
    }

    /** The step that undo would take back: the person's own latest that is not undone. */
    public function undoable(Project $project, User $user): ?\stdClass
    {
        return $this->database->table('edits')->where('project_id', $project->id)->where('user_id', $user->id)
            ->where('kind', 'edit')->where('undone', false)->orderByDesc('sequence')->first(['sequence', 'label']);
    }

    /** The step that redo would make again: the one undone last, unless something was done since. */
    public function redoable(Project $project, User $user): ?\stdClass
    {
        $own = fn () => $this->database->table('edits')->where('project_id', $project->id)->where('user_id', $user->id);
        $latest = (int) $own()->where('kind', 'edit')->max('sequence');
        $undo = $own()->where('kind', 'undo')->where('undone', false)->where('sequence', '>', $latest)
            ->orderByDesc('sequence')->first(['sequence', 'target']);

        return $undo === null ? null : $own()->where('sequence', $undo->target)->first(['sequence', 'label']);
    }

    /** Everything that happened after an edit, as one answer. */
    public function since(Project $project, int $base, ?int $made = null): Answer
    {
        $edits = $this->database->table('edits')->where('project_id', $project->id)->where('sequence', '>', $base)
            ->orderBy('sequence')->limit(201)->get(['sequence', 'label', 'difference', 'format']);
        if ($edits->count() > 200) {
            return new Answer($base, $project->sequence, 'Many changes', [['reload' => true]], made: $made);
        }
        $patches = [];
        foreach ($edits as $edit) {
            $difference = $this->difference($edit);
            $tree = $this->store->load($project, $this->workingSet($project, $difference), uses: true);
            array_push($patches, ...$this->patches->of($project, $this->present($difference, $tree), $tree));
        }

        return new Answer($base, (int) ($edits->last()->sequence ?? $base), (string) ($edits->last()->label ?? ''), $patches, made: $made);
    }

    /**
     * The latest steps, newest first.
     *
     * @return Collection<int, \stdClass>
     */
    public function history(Project $project, int $limit): Collection
    {
        return $this->database->table('edits')->join('users', 'users.id', '=', 'edits.user_id')
            ->where('project_id', $project->id)->orderByDesc('sequence')->limit($limit)
            ->get(['edits.sequence', 'edits.label', 'edits.kind', 'edits.undone', 'edits.created_at', 'users.name']);
    }

    /** @param  non-empty-list<Command>  $commands */
    private function needs(array $commands): WorkingSet
    {
        return WorkingSet::join(...array_map(fn (Command $command): WorkingSet => $command->workingSet(), $commands));
    }

    private function lock(Project $project): void
    {
        $row = $this->database->table('projects')->where('id', $project->id)->lockForUpdate()->first();
        $project->setRawAttributes((array) $row + $project->getAttributes(), true);
    }

    /** The number of the edit that a token was carried out as. */
    private function already(Project $project, string $token): ?int
    {
        $sequence = $this->database->table('edits')->where('project_id', $project->id)->where('token', $token)->value('sequence');

        return $sequence === null ? null : (int) $sequence;
    }

    /** @param  \Closure(): ?\stdClass  $find */
    private function replay(Project $project, User $user, string $kind, ?string $token, \Closure $find): Answer
    {
        return ($this->database->transaction(function () use ($project, $user, $kind, $token, $find): \Closure {
            $this->lock($project);
            if ($token !== null && ($done = $this->already($project, $token)) !== null) {
                return fn (): Answer => $this->since($project, $done - 1, $done);
            }
            $edit = $find() ?? throw new Refused($kind === 'undo' ? 'There is nothing of yours to undo.' : 'There is nothing to redo.', 'steps');
            $made = $this->made($project, (int) $edit->sequence);
            $difference = $kind === 'undo' ? $made->inverse() : $made;
            $before = $this->store->load($project, $this->workingSet($project, $difference), uses: true);
            try {
                $after = $this->consequences->replayed($before, $difference);
            } catch (Overtaken $overtaken) {
                throw new Refused($this->explain($project, $user, $kind, $edit, $overtaken, $difference));
            }
            $answer = $this->record($project, $user, $before, $after, $project->sequence, [
                'kind' => $kind, 'label' => ucfirst($kind).': '.$edit->label, 'token' => $token, 'target' => (int) $edit->sequence,
            ]);
            $this->mark($project, (int) $edit->sequence, $kind);

            return $answer;
        }, self::ATTEMPTS))();
    }

    private function mark(Project $project, int $sequence, string $kind): void
    {
        $edits = fn () => $this->database->table('edits')->where('project_id', $project->id);
        $edits()->where('sequence', $sequence)->update(['undone' => $kind === 'undo']);
        if ($kind === 'redo') {
            $edits()->where('kind', 'undo')->where('target', $sequence)->update(['undone' => true]);
        }
    }

    /**
     * @param  array{kind: string, label: string, token: string|null, target?: int}  $row
     * @param  list<int>  $own
     * @param  list<string>  $named  layers that the hand may have moved ahead of this
     * @return \Closure(): Answer to be asked for after the commit
     */
    private function record(Project $project, User $user, Tree $before, Tree $after, int $base, array $row, array $own = [], array $named = []): \Closure
    {
        $difference = Difference::between($before, $after);
        if ($difference->isEmpty()) {
            return fn (): Answer => new Answer($base, $project->sequence, $row['label']);
        }
        $sequence = $project->sequence + 1;
        // What only the layout has changed is nobody's edit.
        $touched = Computed::touched($difference, $before, $after);
        if ($base < $sequence - 1) {
            $this->mustNotOverrun($project, $base, $touched, $row['label'], $own);
        }
        $this->writer->mustHaveRoom($project, $difference);
        $this->writer->mustBeNew($project, $difference);
        $this->assets->bring($project, $user, ProjectFile::newHashes($before, $after));
        $this->assets->mustBeFonts($project, ProjectFile::newFonts($before, $after));
        $this->writer->write($project, $difference, $after, $sequence);
        $this->database->table('edits')->insert([
            'project_id' => $project->id,
            'sequence' => $sequence,
            'user_id' => $user->id,
            'touched' => json_encode($touched, JSON_THROW_ON_ERROR),
            'format' => Upgrades::VERSION,
            'difference' => json_encode($difference->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
        ] + ['label' => mb_strimwidth($row['label'], 0, 190, '…')] + $row);
        $this->database->table('projects')->where('id', $project->id)->update(['sequence' => $sequence, 'updated_at' => now()]);
        $project->sequence = $sequence;

        return fn (): Answer => new Answer($sequence - 1, $sequence, $row['label'], $this->patches->of($project, $difference, $after, $before, $named), $this->patches->roots($difference, $after), $sequence);
    }

    /**
     * @param  list<string>  $touched
     * @param  list<int>  $own
     */
    private function mustNotOverrun(Project $project, int $base, array $touched, string $label, array $own): void
    {
        $others = $this->database->table('edits')->join('users', 'users.id', '=', 'edits.user_id')
            ->where('project_id', $project->id)->where('sequence', '>', $base)->whereNotIn('sequence', $own)->orderBy('sequence')
            ->get(['edits.label', 'edits.touched', 'users.name']);
        foreach ($others as $other) {
            if (Touched::meet($touched, json_decode($other->touched, true))) {
                throw new Refused("“{$label}” was not made: in the meantime “{$other->label}” ({$other->name}) changed the same thing. It is shown now; make your change again if it is still wanted.");
            }
        }
    }

    /** What somebody made with an edit, without what only the layout has changed. */
    private function made(Project $project, int $sequence): Difference
    {
        $edit = $this->database->table('edits')->where('project_id', $project->id)->where('sequence', $sequence)->first(['difference', 'touched', 'format']) ?? throw new Refused('That step is no longer there.');

        return $this->difference($edit)->only(Touched::ids(Reader::kept(['touched' => json_decode($edit->touched, true)])->strings('touched', 80, PHP_INT_MAX)));
    }

    private function difference(\stdClass $edit): Difference
    {
        return Difference::read(Reader::kept(Upgrades::difference(json_decode($edit->difference, true), (int) $edit->format)));
    }

    /** Everything that a difference names, and what stands around it. */
    private function workingSet(Project $project, Difference $difference): WorkingSet
    {
        $screens = $difference->screens();
        $layers = $difference->layers();
        $whole = [];
        $families = [];
        $tokens = [];
        $components = Uses::named($difference);
        $bound = $dressed = false;
        foreach ($difference->changes as $change) {
            foreach ([$change->before, $change->after] as $side) {
                foreach ($change->entity === Entity::Project ? $side ?? [] : [] as $key => $part) {
                    // What is set in fonts that come or go is laid out anew.
                    if (str_starts_with((string) $key, ProjectThing::FONT) && is_array($part) && is_string($part['family'] ?? null)) {
                        $families[$part['family']] = $part['family'];
                    }
                }
                if (is_string($side['parent'] ?? null)) {
                    $layers[] = $side['parent'];
                }
                if (is_string($side['screen'] ?? null)) {
                    $screens[] = $side['screen'];
                }
            }
            if ($change->entity === Entity::Screen && ($change->isRemoval() || $change->isAddition())) {
                $whole[] = $change->id;
            }
            // Instances show a component again that is brought back.
            if ($change->entity === Entity::Screen && $change->touches('gone')) {
                $components[] = $change->id;
            }
            if ($change->entity === Entity::Screen && $change->touches('theme')) {
                $whole[] = $change->id;
            }
            if ($change->entity === Entity::Token) {
                $tokens[] = $change->id;
            }
            foreach ($change->entity === Entity::ThemeValue ? array_filter([$change->before['token'] ?? null, $change->after['token'] ?? null, $this->themed($project, $change->id)], is_string(...)) : [] as $token) {
                $tokens[] = $token;
            }
            $dressed = $dressed || ($change->entity === Entity::Project && $change->touches('look'));
            $bound = $bound || ($change->entity === Entity::Project && $change->touches('theme')) || ($change->entity === Entity::Theme && ($change->isAddition() || $change->isRemoval()));
        }

        return WorkingSet::join(new WorkingSet($screens, $layers, whole: $whole, things: [...array_values(array_filter($difference->entities(), fn (Entity $entity): bool => $entity->isPlain())), ...($bound || $dressed || $tokens !== [] || $this->isBound($difference) ? Themes::HOUSE : [])], families: array_values($families), tokens: $tokens, bound: $bound, reel: $bound || $dressed || $tokens !== [], components: $components));
    }

    /** The token that a theme says something of. */
    private function themed(Project $project, string $value): ?string
    {
        return $this->database->table('refers')->where('project_id', $project->id)->where('entity', Entity::ThemeValue->value)->where('id', $value)->where('path', 'token')->value('target');
    }

    /** Whether it brings what may be bound to tokens, which may have changed since. */
    private function isBound(Difference $difference): bool
    {
        return str_contains((string) json_encode($difference->toArray()), '"bound":{') || array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Screen && $change->touches('gone', 'theme')) !== [];
    }

    /** A past difference compared with the present: what has gone since counts as removed. */
    private function present(Difference $difference, Tree $now): Difference
    {
        $changes = [];
        foreach ($difference->changes as $change) {
            $changes[] = ! $change->entity->isThere($now, $change->id)
                ? new Change($change->entity, $change->id, $change->before ?? [], null)
                : ($change->isRemoval() ? new Change($change->entity, $change->id, null, $change->before) : $change);
        }

        return new Difference($changes);
    }

    private function explain(Project $project, User $user, string $kind, \stdClass $edit, Overtaken $overtaken, Difference $difference): string
    {
        $touched = $difference->named();
        $later = $this->database->table('edits')->join('users', 'users.id', '=', 'edits.user_id')
            ->where('project_id', $project->id)->where('sequence', '>', $edit->sequence)->where('user_id', '!=', $user->id)
            ->orderByDesc('sequence')->get(['edits.label', 'edits.touched', 'users.name'])
            ->first(fn (\stdClass $row): bool => Touched::meet($touched, json_decode($row->touched, true)));
        $who = $later === null ? 'it was changed since' : "{$later->name} changed it since (“{$later->label}”)";
        $verb = $kind === 'undo' ? 'undone' : 'made again';

        return "“{$edit->label}” cannot be {$verb}: {$who}. In the way: ".implode(', ', array_slice($overtaken->names, 0, 3)).'. Nothing was changed.';
    }
}
