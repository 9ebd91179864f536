<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Device\Catalogue;
use Kindred\Document\Overlay;
use Kindred\Document\Screen;
use Kindred\Geometry\Axis;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Property\Typing;

/** A property of screens that is typed or chosen, by its path. A width or view of its own makes the screen's device a custom one. */
final readonly class ScreenField
{
    private function __construct(private string $path)
    {
    }

    public static function read(Reader $in, string $key): self
    {
        return new self($in->string($key, 80));
    }

    public function label(): string
    {
        $steps = explode('.', $this->path);

        return in_array($steps[0], ['tracing', 'guides'], true) ? $steps[0] : ($steps[0] === 'over' ? 'how it lies over others' : (Properties::of(Screen::class)->all[$steps[0]] ?? null)?->label() ?? $steps[0]);
    }

    /** Whether layers may have to follow. */
    public function resizes(): bool
    {
        return in_array($this->path, ['width', 'height', 'device'], true);
    }

    /** @throws InvalidInput when what was typed is no value of it, or screens have no such property */
    public function set(Screen $screen, string $value): Screen
    {
        $way = Path::of($this->path);

        if ($way->root() === 'over') {
            $over = $screen->over ?? Overlay::usual();
            // How it comes is said as a whole as soon as something of it is.
            $screen = $screen->with(over: str_starts_with($this->path, 'over.transition.') && $over->transition === null ? $over->with(transition: $over->coming()) : $over);
        }

        return match (true) {
            $this->path === 'device' => self::onDevice($screen, $value),
            $way->root() === 'guides' => $screen->with(guides: $this->guided($screen, $value)),
            // There may be no picture to trace.
            $way->property($screen) !== null && $way->shown($screen) === null => $screen,
            default => $this->resized($screen, $way->typed($screen, $value, Typing::alone())),
        };
    }

    /** The screen on another device; one that scrolls goes on scrolling. */
    public static function onDevice(Screen $screen, string $key): Screen
    {
        $device = Catalogue::find($key) ?? throw new InvalidInput('value', "“{$key}” is not a device of the catalogue");
        $scrolls = $screen->box->height > $screen->view;

        return $screen->with(
            device: $device->key,
            view: (float) $device->height,
            box: $screen->box->sized($device->width, $scrolls ? max($screen->box->height, $device->height) : $device->height),
        );
    }

    private function guided(Screen $screen, string $value): mixed
    {
        $axis = Axis::tryFrom(substr($this->path, 7)) ?? throw new InvalidInput('field', 'Guides are set along x or y');

        return $screen->guides->typed($axis, $value, $axis === Axis::X ? $screen->box->width : $screen->box->height);
    }

    /** What follows from a new size for the screen's view and its device. */
    private function resized(Screen $before, Screen $screen): Screen
    {
        [$old, $new] = [$before->box, $screen->box];

        return match (true) {
            $new->width !== $old->width => $screen->with(device: Catalogue::CUSTOM, view: min($screen->view, $new->height)),
            $this->path === 'width' || $this->path === 'height' => $screen->with(view: $screen->device === Catalogue::CUSTOM ? $new->height : min($screen->view, $new->height)),
            default => $screen,
        };
    }
}
