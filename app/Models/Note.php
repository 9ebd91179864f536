<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Kindred\Exchange\FileNote;
use Kindred\Input\Search;

/**
 * Words tied to a layer, or to a place on a screen or on the wall.
 *
 * @property int $id
 * @property int $project_id
 * @property int $user_id
 * @property int $number counted up in the project, never given twice
 * @property string $screen empty on the wall beside the screens
 * @property string $layer empty where it is tied to a place
 * @property float $x px from the corner of the screen, or of the wall
 * @property float $y
 * @property string $words
 * @property string $author who wrote it where that came from a file
 * @property bool $resolved
 * @property Carbon $created_at
 * @property-read User $user
 */
final class Note extends Model
{
    use SoftDeletes;

    /** Characters of a note. */
    public const MAX_LENGTH = FileNote::MAX_LENGTH;

    protected $table = 'notes';

    protected $fillable = ['screen', 'layer', 'x', 'y', 'words', 'resolved', 'number', 'user_id'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Collection<int, self> by their numbers, with who wrote them */
    public static function of(Project $project): Collection
    {
        return self::query()->with('user')->where('project_id', $project->id)->oldest('number')->get();
    }

    public function writer(): string
    {
        return $this->author !== '' ? $this->author : $this->user->name;
    }

    /** Whether the note holds all of the words, in whatever case. */
    public function holds(string $words): bool
    {
        return Search::holds($this->words, $words);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['resolved' => 'boolean', 'x' => 'float', 'y' => 'float', 'number' => 'integer'];
    }
}
