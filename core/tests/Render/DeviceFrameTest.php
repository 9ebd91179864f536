<?php

declare(strict_types=1);

use Kindred\Device\Catalogue;
use Kindred\Document\Screen;
use Kindred\Geometry\Box;
use Kindred\Render\DeviceFrame;
use Kindred\Tests\Sample;

function onDevice(string $key, ?float $height = null): Screen
{
    $device = Catalogue::find($key) ?? throw new LogicException($key);

    return Sample::tree()->screen('home')->with(device: $key, box: new Box(0, 0, $device->width, $height ?? $device->height), view: (float) $device->height);
}

it('frames every device in valid SVG that lies around the screen, not over it', function (): void {
    foreach (Catalogue::all() as $device) {
        $screen = onDevice($device->key);
        $frame = new DeviceFrame($screen);
        $box = $frame->box();
        expect($box->x)->toBeLessThan(0.0)->and($box->right())->toBeGreaterThan($screen->box->width)
            ->and(simplexml_load_string('<svg xmlns="http://www.w3.org/2000/svg">'.$frame->draw().'</svg>'))->not->toBeFalse()
            ->and($frame->draw())->toContain('fill-rule="evenodd"');
    }
});

it('marks where safe areas end, and gives a foot to what stands on a table and shows all of its screen', function (): void {
    expect((new DeviceFrame(onDevice('phone')))->draw())->toContain('M-7.2 47H-1')->toContain('M-7.2 810H-1')
        ->and((new DeviceFrame(onDevice('panel')))->draw())->not->toContain('#b97a0c')
        ->and((new DeviceFrame(onDevice('desktop')))->box()->height)->toEqual(900.0 + 2 * 16 + 34)
        ->and((new DeviceFrame(onDevice('desktop', 2000)))->box()->height)->toEqual(2000.0 + 2 * 16);
});

it('shows a framed screen with the corners of its device, in a document as large as the frame', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'set-framed', 'framed' => true]);
    $svg = Sample::renderer()->framed($tree, $tree->screen('home'), Sample::rendering());
    expect($svg)->toStartWith('<svg xmlns="http://www.w3.org/2000/svg" width="414" height="868" viewBox="-12 -12 414 868">')->toContain('rx="46"')->toContain('Good clay')
        ->and($tree->project->framed)->toBeTrue();
});
