<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Device\Catalogue;
use Kindred\Document\Condition as ConditionOf;
use Kindred\Document\Finish as FinishOf;
use Kindred\Document\Screen;
use Kindred\Geometry\Axis;
use Kindred\Geometry\Box;
use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/** A facet of a screen. A width or view of its own makes the screen's device a custom one. */
enum ScreenField: string
{
    use Typed;

    case Name = 'name';
    case X = 'x';
    case Y = 'y';
    case Width = 'width';
    case Height = 'height';
    case Device = 'device';
    case Ground = 'ground';
    case Finish = 'finish';
    case Condition = 'condition';
    case TracingOpacity = 'tracing-opacity';
    case GuidesX = 'guides-x';
    case GuidesY = 'guides-y';

    public function label(): string
    {
        return match ($this) {
            self::GuidesX, self::GuidesY => 'guides',
            self::Ground => 'background',
            self::TracingOpacity => 'tracing',
            default => $this->value,
        };
    }

    /** Whether layers may have to follow. */
    public function resizes(): bool
    {
        return in_array($this, [self::Width, self::Height, self::Device], true);
    }

    /** @throws InvalidInput */
    public function set(Screen $screen, string $value): Screen
    {
        $box = $screen->box;

        return match ($this) {
            self::Name => $screen->with(name: Reader::of(['value' => $value])->name('value')),
            self::X => $screen->with(box: $box->movedBy($this->length($value, $box->x, -Reader::LIMIT, Reader::LIMIT) - $box->x, 0)),
            self::Y => $screen->with(box: $box->movedBy(0, $this->length($value, $box->y, -Reader::LIMIT, Reader::LIMIT) - $box->y)),
            self::Width => $this->resized($screen, $this->length($value, $box->width, Screen::MIN_SIDE, Screen::MAX_SIDE), $box->height),
            self::Height => $this->resized($screen, $box->width, $this->length($value, $box->height, Screen::MIN_SIDE, Screen::MAX_SIDE)),
            self::Device => $this->onDevice($screen, $value),
            self::GuidesX => $screen->with(guides: $screen->guides->typed(Axis::X, $value, $box->width)),
            self::GuidesY => $screen->with(guides: $screen->guides->typed(Axis::Y, $value, $box->height)),
            self::Finish => $screen->with(finish: $value === '' ? null : (FinishOf::tryFrom($value) ?? throw new InvalidInput('value', 'A screen is rough, plain or dressed'))),
            self::Condition => $screen->with(condition: $value === '' ? null : (ConditionOf::tryFrom($value) ?? throw new InvalidInput('value', 'There is no such condition'))),
            self::TracingOpacity => $screen->with(tracing: $screen->tracing?->with(opacity: $this->number($value, null, 0, 1, Number::text($screen->tracing->opacity)))),
            self::Ground => $screen->with(ground: Colour::parse($value, 'value')),
        };
    }

    private function resized(Screen $screen, float $width, float $height): Screen
    {
        $box = new Box($screen->box->x, $screen->box->y, $width, $height);
        if ($width === $screen->box->width) {
            return $screen->with(box: $box, view: $screen->device === Catalogue::CUSTOM ? $height : min($screen->view, $height));
        }

        return $screen->with(box: $box, device: Catalogue::CUSTOM, view: min($screen->view, $height));
    }

    private function onDevice(Screen $screen, string $key): Screen
    {
        $device = Catalogue::find($key) ?? throw new InvalidInput('value', "“{$key}” is not a device of the catalogue");
        $scrolls = $screen->box->height > $screen->view;

        return $screen->with(
            device: $device->key,
            view: (float) $device->height,
            box: $screen->box->sized($device->width, $scrolls ? max($screen->box->height, $device->height) : $device->height),
        );
    }

    private function length(string $value, float $has, float $min, float $max): float
    {
        return $this->number($value, null, $min, $max, Number::text($has), ' px');
    }
}
