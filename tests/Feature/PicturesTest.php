<?php

declare(strict_types=1);

use App\Canvas\Assets;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Kindred\Input\InvalidInput;

beforeEach(function (): void {
    $this->actingAs($user = User::factory()->create());
    $this->project = $user->projects()->create(['name' => 'Pictures']);
    $this->send = fn (string $bytes, string $name = 'a.png') => $this->post("/projects/{$this->project->id}/assets", ['picture' => UploadedFile::fake()->createWithContent($name, $bytes)], ['Accept' => 'application/json']);
});

/** A picture of 40 x 30 px in a format of GD's. */
function picture(string $format): string
{
    $image = imagecreatetruecolor(40, 30);
    imagefilledrectangle($image, 0, 0, 20, 30, imagecolorallocate($image, 200, 80, 50));
    ob_start();
    ("image{$format}")($image);

    return (string) ob_get_clean();
}

it('takes PNG, JPEG, WebP and GIF by their content and encodes them anew', function (string $format): void {
    $answer = ($this->send)(picture($format).'<?php echo 1;', 'evil.php')->assertCreated()->json();
    expect([$answer['width'], $answer['height']])->toBe([40, 30]);
    $response = $this->get("/projects/{$this->project->id}/assets/{$answer['hash']}")->assertOk();
    $bytes = $response->getContent();
    expect(hash('sha256', $bytes))->toBe($answer['hash'])
        ->and($bytes)->not->toContain('<?php')
        ->and($response->headers->get('Content-Type'))->toBe($format === 'jpeg' || $format === 'webp' ? 'image/jpeg' : 'image/png')
        ->and(imagecolorat(imagecreatefromstring($bytes), 5, 5) >> 16 & 255)->toEqualWithDelta(200, 12);
})->with(['png', 'jpeg', 'webp', 'gif']);

it('refuses what it cannot take, and keeps nothing', function (Closure $bytes, string $message): void {
    $answer = ($this->send)($bytes(), 'a.png');
    $answer->assertUnprocessable();
    expect($answer->json('message'))->toContain($message)->and(DB::table('assets')->count())->toBe(0);
})->with([
    'text' => [fn () => 'just words', 'no picture that can be read'],
    'nothing' => [fn () => ' ', 'no picture that can be read'],
    'an SVG' => [fn () => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'SVG drawings cannot be taken'],
    'an SVG after a declaration' => [fn () => "\n<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY x SYSTEM \"file:///etc/passwd\">]><svg>&x;</svg>", 'SVG drawings cannot be taken'],
    'a PNG that is cut off' => [fn () => substr(picture('png'), 0, 60), 'damaged or cut off'],
    'a bomb: 60 000 x 60 000 px in a few bytes' => [fn () => "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 60000, 60000, 8, 2, 0, 0, 0).pack('N', 0), 'at most 40 million pixels'],
    'a file that is too large' => [fn () => picture('png').str_repeat('x', 12 * 1024 * 1024), 'larger than 12 MB'],
]);

it('does not hand pictures of one project to another', function (): void {
    $hash = ($this->send)(picture('png'))->json('hash');
    $other = auth()->user()->projects()->create(['name' => 'Other']);
    $this->get("/projects/{$other->id}/assets/{$hash}")->assertNotFound();
});

it('makes names of files harmless', function (): void {
    ($this->send)(picture('png'), '../../etc/<b>pass\'wd.png')->assertCreated();
    expect(DB::table('assets')->value('name'))->not->toContain('/')->not->toContain('..');
});

it('takes pictures of any shape within its limits', function (int $width, int $height, array $kept): void {
    $image = imagecreatetruecolor($width, $height);
    ob_start();
    imagepng($image, null, 1);
    $answer = ($this->send)((string) ob_get_clean())->assertCreated()->json();
    expect([$answer['width'], $answer['height']])->toBe($kept);
    $this->getJson("/projects/{$this->project->id}/assets/{$answer['hash']}/colours")->assertOk()->assertJsonCount(1);
})->with([[5000, 1, [4096, 1]], [8000, 2, [4096, 1]], [1, 9000, [1, 4096]], [97, 1, [97, 1]], [500, 2, [500, 2]], [4096, 1, [4096, 1]], [4097, 3, [4096, 3]]]);

it('keeps photographs as photographs, with what is clear in them, and turned as the camera was held', function (): void {
    $image = imagecreatetruecolor(300, 200);
    mt_srand(4);
    for ($i = 0; $i < 60_000; $i++) {
        imagesetpixel($image, $i % 300, intdiv($i, 300), mt_rand(0, 0xFFFFFF));
    }
    $webp = function (GdImage $image): string {
        ob_start();
        imagewebp($image, null, 80);

        return (string) ob_get_clean();
    };
    $kept = fn (string $bytes): string => (string) $this->get("/projects/{$this->project->id}/assets/".($this->send)($bytes)->assertCreated()->json('hash'))->getContent();
    expect(strlen($kept($webp($image))))->toBeLessThan(2 * strlen($webp($image)));

    imagesavealpha($image, true);
    imagealphablending($image, false);
    imagefilledrectangle($image, 0, 0, 150, 200, imagecolorallocatealpha($image, 0, 0, 0, 127));
    $clear = imagecreatefromstring($kept($webp($image)));
    expect(imagecolorat($clear, 20, 20) >> 24)->toBeGreaterThan(120)->and(imagecolorat($clear, 280, 20) >> 24)->toBe(0);

    // Exif: the sixth orientation is upright after a quarter turn clockwise.
    $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0\x06\0\0\0\0\0\0";
    $jpeg = picture('jpeg');
    $turned = imagecreatefromstring($kept(substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2)));
    expect([imagesx($turned), imagesy($turned)])->toBe([30, 40])->and(imagecolorat($turned, 15, 3) >> 16 & 255)->toEqualWithDelta(200, 12);
});

it('gives up on a picture that takes too much memory, alone and in words', function (): void {
    // A progressive JPEG says its size in its head; what it needs follows from that, not from its bytes.
    $image = imagecreatetruecolor(16, 16);
    imageinterlace($image, true);
    ob_start();
    imagejpeg($image);
    $jpeg = (string) ob_get_clean();
    $at = strpos($jpeg, "\xFF\xC2");
    $before = memory_get_peak_usage();
    $answer = ($this->send)(substr_replace($jpeg, pack('nn', 6324, 6324), $at + 5, 4));
    expect($answer->status())->toBeIn([201, 422])->and(memory_get_peak_usage() - $before)->toBeLessThan(60 << 20);
    $answer->status() === 422 && expect($answer->json('message'))->toContain('Nothing was added');
});

it('opens a picture of a file once; a photograph each time, for it says inside how it lies', function (): void {
    $assets = app(Assets::class);
    $files = array_map(picture(...), ['png' => 'png', 'webp' => 'webp', 'jpeg' => 'jpeg']);
    foreach ($files as $bytes) {
        $assets->adopt($this->project, hash('sha256', $bytes), $bytes);
    }
    $other = $this->project->user->projects()->create(['name' => 'Other']);
    Process::fake(['*' => Process::result(exitCode: 3)]);
    foreach (['png', 'webp'] as $format) {
        $assets->adopt($other, hash('sha256', $files[$format]), $files[$format]);
    }
    Process::assertNothingRan();
    expect(DB::table('assets')->where('project_id', $other->id)->get(['width', 'height'])->map(fn (object $row): array => (array) $row)->all())->toBe(array_fill(0, 2, ['width' => 40, 'height' => 30]))
        ->and(fn () => $assets->adopt($other, hash('sha256', $files['jpeg']), $files['jpeg']))->toThrow(InvalidInput::class, 'damaged');
});
