<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string|null $entry
 * @property string $finish of screens that have none of their own
 * @property bool $framed
 * @property string|null $fonts JSON
 * @property string|null $icons JSON
 * @property string|null $theme
 * @property string|null $look JSON
 * @property int $layer_count of all screens that are not deleted, and beside them
 * @property int $sequence the number of the latest edit
 * @property Carbon $updated_at
 */
final class Project extends Model
{
    use SoftDeletes;

    protected $table = 'projects';

    protected $fillable = ['name', 'entry', 'finish', 'framed', 'fonts', 'icons', 'theme', 'look'];

    protected $attributes = ['sequence' => 0, 'layer_count' => 0, 'finish' => 'dressed', 'framed' => false];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class);
    }

    /**
     * Projects whose name holds the words, the latest worked on first.
     *
     * @param  Builder<self>  $query
     */
    public function scopeMatching(Builder $query, string $words): void
    {
        foreach (array_filter(explode(' ', $words)) as $word) {
            $query->where('name', 'like', '%'.addcslashes($word, '\\%_').'%');
        }
        $query->orderByDesc('updated_at')->orderByDesc('id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['user_id' => 'integer', 'sequence' => 'integer', 'layer_count' => 'integer', 'framed' => 'boolean'];
    }
}
