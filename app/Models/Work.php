<?php

declare(strict_types=1);

namespace App\Models;

use App\Jobs\Cancelled;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Cache;

/**
 * Work that takes long and is done apart from the request that asked for it.
 *
 * How far it is, and whether it is wanted any more, stand beside the database: both are asked for while a transaction is
 * under way.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name what it is done with
 * @property string $state waiting, running, done, failed or cancelled
 * @property string|null $problem why it failed
 * @property int|null $project_id what it led to
 * @property-read User $user
 */
final class Work extends Model
{
    use HasUlids;

    /** Seconds that its progress is kept. */
    private const KEPT = 86_400;

    protected $table = 'works';

    protected $fillable = ['name', 'state', 'problem', 'project_id'];

    protected $attributes = ['state' => 'waiting'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function isOver(): bool
    {
        return in_array($this->state, ['done', 'failed', 'cancelled'], true);
    }

    /** How much of it is done, 0 to 1. */
    public function progress(): float
    {
        return (float) Cache::get("work:{$this->id}:done", 0);
    }

    /** @throws Cancelled when it is not wanted any more */
    public function advance(float $done): void
    {
        Cache::put("work:{$this->id}:done", $done, self::KEPT);
        if (Cache::has("work:{$this->id}:cancelled")) {
            throw new Cancelled;
        }
    }

    public function cancel(): void
    {
        Cache::put("work:{$this->id}:cancelled", true, self::KEPT);
    }
}
