<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

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
