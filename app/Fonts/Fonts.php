<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Canvas\Assets;
use App\Models\Project;
use App\Storage\Durable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\FaceSource;
use Kindred\Type\OwnFace;
use Kindred\Type\OwnFonts;

/**
 * Fonts that people bring into projects. Each is opened within bounds and written anew; its WOFF2 is kept as pictures are, under its SHA-256, and
 * beside it what follows from it: the font that words are shaped with, and its measures.
 *
 * @phpstan-import-type Metrics from FaceSource
 */
final class Fonts implements OwnFonts
{
    /** Bytes of a font that is brought in. */
    public const MAX = 8 << 20;

    /** @var array<string, Metrics|null> */
    private array $metrics = [];

    public function __construct(private readonly Filesystem $disk, private readonly ConnectionInterface $database, private readonly Opener $opener, private readonly FaceSource $shipped)
    {
    }

    /**
     * @param  string  $name  of the file
     * @param  array<string, float>  $axes  where axes of a variable font are pinned
     * @param  string|null  $family  that it shall be called; null for its own name
     * @return array{faces: list<OwnFace>, axes: list<array{tag: string, min: float, usual: float, max: float}>}
     *
     * @throws InvalidInput when it is no font that can be taken
     */
    public function take(Project $project, string $bytes, string $name, array $axes = [], ?string $family = null): array
    {
        if (strlen($bytes) > self::MAX) {
            throw new InvalidInput('font', 'The font is larger than '.intdiv(self::MAX, 1 << 20).' MB. Nothing was added.');
        }
        $opened = $this->opener->open($bytes, $axes);
        $called = self::called($family ?? $opened['family']) ?? self::called((string) preg_replace('/\.[^.]*$/', '', $name)) ?? 'Font';
        $called = isset($this->shipped->families()[$called]) ? mb_substr($called, 0, 76).' own' : $called;
        $faces = [];
        foreach ($opened['faces'] as ['weight' => $weight, 'italic' => $italic, 'metrics' => $metrics, 'sfnt' => $sfnt, 'woff2' => $woff2]) {
            $hash = hash('sha256', $woff2);
            $this->keep($project, $hash, $woff2, $sfnt, $metrics, $called);
            $faces[] = new OwnFace($called, $weight, $italic, $hash);
        }

        return ['faces' => $faces, 'axes' => $opened['axes']];
    }

    /**
     * Takes over a font of a project file, which must keep the hash by which it is named.
     *
     * @throws InvalidInput when it is no font that can be taken
     */
    public function adopt(Project $project, string $hash, string $bytes): void
    {
        try {
            $faces = $this->opener->open($bytes)['faces'];
        } catch (InvalidInput $problem) {
            throw new InvalidInput("fontFiles.{$hash}", $problem->problem);
        }
        $this->keep($project, $hash, $bytes, $faces[0]['sfnt'], $faces[0]['metrics'], 'Font');
    }

    public function metrics(string $asset): ?array
    {
        if (! array_key_exists($asset, $this->metrics)) {
            $json = $this->disk->get("fonts/{$asset}.json");
            $this->metrics[$asset] = $json === null ? null : Opener::metrics(Reader::of(json_decode($json, true)));
        }

        return $this->metrics[$asset];
    }

    public function font(string $asset): string
    {
        return $this->disk->path("fonts/{$asset}.ttf");
    }

    public function file(string $asset): string
    {
        return (string) $this->disk->get("assets/{$asset}");
    }

    /** A name as families may have it; null where nothing of it is left. */
    public static function called(string $name): ?string
    {
        $plain = trim((string) preg_replace('/[^\p{L}\p{M}\p{N} ._+&-]+/u', ' ', mb_scrub($name)), ' ._+&-');
        $plain = mb_substr((string) preg_replace('/ {2,}/', ' ', $plain), 0, 80);

        return preg_match('/'.OwnFace::NAME.'/u', $plain) === 1 ? $plain : null;
    }

    /** @param  Metrics  $metrics */
    private function keep(Project $project, string $hash, string $woff2, string $sfnt, array $metrics, string $name): void
    {
        Durable::put($this->disk, "fonts/{$hash}.ttf", $sfnt, 'the font');
        Durable::put($this->disk, "fonts/{$hash}.json", json_encode(array_filter($metrics, fn (mixed $one): bool => $one !== []), JSON_THROW_ON_ERROR), 'the font');
        Durable::put($this->disk, "assets/{$hash}", $woff2, 'the font');
        unset($this->metrics[$hash]);
        $this->database->table('assets')->insertOrIgnore(['project_id' => $project->id, 'hash' => $hash, 'type' => Assets::FONT, 'width' => 0, 'height' => 0, 'name' => Str::limit($name, 100, '…')]);
    }
}
