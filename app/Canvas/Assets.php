<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use App\Models\User;
use App\Pictures\Decoder;
use App\Storage\Durable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Kindred\Input\InvalidInput;

/**
 * Pictures that people bring. Each is recognised by its content, decoded within bounds and encoded
 * anew, and kept under the SHA-256 of what came out.
 */
final readonly class Assets
{
    private const TYPES = [
        IMAGETYPE_PNG => 'image/png',
        IMAGETYPE_JPEG => 'image/jpeg',
        IMAGETYPE_WEBP => 'image/webp',
        IMAGETYPE_GIF => 'image/gif',
    ];

    public const FONT = 'font/woff2';

    /** Px of the longer side at which the colours of a picture are counted. */
    private const COUNTED_AT = 96;

    public function __construct(private Filesystem $disk, private ConnectionInterface $database, private Decoder $decoder)
    {
    }

    /**
     * @return array{hash: string, width: int, height: int} px
     *
     * @throws InvalidInput when the bytes are no picture that can be taken
     */
    public function add(Project $project, string $bytes, string $name): array
    {
        [$kept, $width, $height] = $this->decode($bytes, 'picture', config('kindred.pictures.bytes'));
        $hash = hash('sha256', $kept);
        $this->keep($project, $hash, $kept, $width, $height, $name);

        return ['hash' => $hash, 'width' => $width, 'height' => $height];
    }

    /**
     * Takes over a picture of a project file, which must keep the hash by which layers name it.
     *
     * @throws InvalidInput when the bytes are no picture that can be taken
     */
    public function adopt(Project $project, string $hash, string $bytes): void
    {
        // What was written anew here can be larger than what came.
        [$place, $max] = ["pictures.{$hash}", config('kindred.pictures.kept')];
        [$width, $height, $type] = $this->size($bytes, $place, $max);
        // What is kept already was opened once; but how a photograph lies, and a smaller size, are found by opening it.
        if ($type === IMAGETYPE_JPEG || max($width, $height) > config('kindred.pictures.side') || ! $this->disk->exists("assets/{$hash}")) {
            [, $width, $height] = $this->decode($bytes, $place, $max);
        }
        $this->keep($project, $hash, $bytes, $width, $height, 'Picture');
    }

    /** All pictures of a project in another one, too. */
    public function copy(Project $from, Project $to): void
    {
        $columns = 'hash, type, width, height, name';
        $this->database->insert("insert into assets (project_id, {$columns}) select ?, {$columns} from assets where project_id = ?", [$to->id, $from->id]);
    }

    /**
     * Pictures that are named for the first time in a project. What was copied in another project of the same person
     * is brought along.
     *
     * @param  list<string>  $hashes
     *
     * @throws InvalidInput when there is no such picture
     */
    public function bring(Project $project, User $user, array $hashes): void
    {
        if ($hashes === []) {
            return;
        }
        $known = $this->database->table('assets')->where('project_id', $project->id)->whereIn('hash', $hashes)->pluck('hash')->all();
        $missing = array_values(array_diff($hashes, $known));
        if ($missing === []) {
            return;
        }
        $elsewhere = $this->database->table('assets')->whereIn('hash', $missing)->whereIn('project_id', $user->projects()->select('id'))
            ->get(['hash', 'type', 'width', 'height', 'name'])->keyBy('hash');
        if ($elsewhere->count() < count($missing)) {
            throw new InvalidInput('asset', 'A picture of this is not in the project, and in no other one of yours; add it again. Nothing was changed.');
        }
        $this->database->table('assets')->insertOrIgnore($elsewhere->map(fn (\stdClass $asset): array => ['project_id' => $project->id] + (array) $asset)->values()->all());
    }

    /**
     * @param  list<string>  $hashes
     *
     * @throws InvalidInput when one of them is a picture: a file with it could not be read again
     */
    public function mustBeFonts(Project $project, array $hashes): void
    {
        if ($hashes !== [] && $this->database->table('assets')->where(['project_id' => $project->id, 'type' => self::FONT])->whereIn('hash', $hashes)->count() < count(array_unique($hashes))) {
            throw new InvalidInput('fonts', 'This is no font; import its file. Nothing was changed.');
        }
    }

    public function bytes(Project $project, string $hash): ?string
    {
        $known = $this->database->table('assets')->where(['project_id' => $project->id, 'hash' => $hash])->exists();

        return $known ? $this->disk->get("assets/{$hash}") : null;
    }

    /**
     * How often each colour stands in a picture at a small size; what is mostly transparent is left out.
     *
     * @return list<array{int, int, int, int}> red, green, blue, pixels
     */
    public function pixels(Project $project, string $hash): array
    {
        $bytes = $this->bytes($project, $hash);

        return $bytes === null ? [] : $this->decoder->colours($bytes, self::COUNTED_AT);
    }

    public function type(string $bytes): string
    {
        return str_starts_with($bytes, 'wOF2') ? self::FONT : self::TYPES[getimagesizefromstring($bytes)[2] ?? 0] ?? 'application/octet-stream';
    }

    /** @return \Closure(string): string gives the data address of a picture, by its hash */
    public function dataAddresses(Project $project): \Closure
    {
        return function (string $hash) use ($project): string {
            $bytes = $this->bytes($project, $hash);

            return $bytes === null ? 'data:,' : "data:{$this->type($bytes)};base64,".base64_encode($bytes);
        };
    }

    /** @return \Closure(string): (array{int, int}|null) gives the width and height of a picture in px, by its hash; null where there is none */
    public function sizes(Project $project): \Closure
    {
        $known = null;

        // Most screens need none: they are loaded when the first is asked for.
        return function (string $hash) use ($project, &$known): ?array {
            $known ??= $this->database->table('assets')->where('project_id', $project->id)->get(['hash', 'width', 'height'])
                ->mapWithKeys(fn (\stdClass $asset): array => [$asset->hash => [(int) $asset->width, (int) $asset->height]])->all();

            return $known[$hash] ?? null;
        };
    }

    /**
     * The pictures one after another; those that are not there are left out.
     *
     * @param  list<string>  $hashes
     * @return \Generator<string, string> bytes by hash
     */
    public function each(Project $project, array $hashes): \Generator
    {
        foreach ($hashes as $hash) {
            $bytes = $this->bytes($project, $hash);
            if ($bytes !== null) {
                yield $hash => $bytes;
            }
        }
    }

    /**
     * @param  int  $max  bytes
     * @return array{string, int, int} the picture written anew, its width and height
     */
    private function decode(string $bytes, string $place, int $max): array
    {
        $this->size($bytes, $place, $max);

        return $this->decoder->keep($bytes, config('kindred.pictures.side'), $place);
    }

    /**
     * What a picture says of itself, within the limits.
     *
     * @return array{int, int, int} width and height, px, and its type as PHP numbers them
     *
     * @throws InvalidInput when it is none that can be taken
     */
    private function size(string $bytes, string $place, int $max): array
    {
        $limits = config('kindred.pictures');
        if (strlen($bytes) > $max) {
            throw new InvalidInput($place, 'The picture is larger than '.intdiv($max, 1 << 20).' MB; make it smaller first.');
        }
        $head = strtolower(substr(ltrim($bytes), 0, 400));
        if (str_contains($head, '<svg') || str_starts_with($head, '<?xml')) {
            throw new InvalidInput($place, 'SVG drawings cannot be taken as pictures yet; export it as PNG, JPEG or WebP.');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! isset(self::TYPES[$size[2]])) {
            throw new InvalidInput($place, 'This is no picture that can be read; use PNG, JPEG, WebP or GIF.');
        }
        if ($limits['pixels'] < $size[0] * $size[1] || $size[0] < 1 || $size[1] < 1) {
            throw new InvalidInput($place, "The picture measures {$size[0]} × {$size[1]} px; at most 40 million pixels can be taken.");
        }

        return [$size[0], $size[1], $size[2]];
    }

    private function keep(Project $project, string $hash, string $bytes, int $width, int $height, string $name): void
    {
        Durable::put($this->disk, "assets/{$hash}", $bytes, 'the picture');
        $this->database->table('assets')->insertOrIgnore([
            'project_id' => $project->id,
            'hash' => $hash,
            'type' => $this->type($bytes),
            'width' => $width,
            'height' => $height,
            'name' => Str::limit((string) preg_replace('/[\p{Cc}\/\\\\]+/u', ' ', mb_scrub(basename($name))), 100, '…') ?: 'Picture',
        ]);
    }
}
