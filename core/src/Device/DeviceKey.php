<?php

declare(strict_types=1);

namespace Kindred\Device;

use Kindred\Input\Reader;
use Kindred\Property\Property;
use Kindred\Property\Schema;

/**
 * A device of the catalogue, by its key; empty for none.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class DeviceKey extends Property
{
    public function schema(Schema $schema): array
    {
        return ['enum' => ['', ...array_map(fn (Device $device): string => $device->key, Catalogue::all())]];
    }

    public function value(Reader $in): string
    {
        $key = $in->string($this->name, 40);

        return $key === '' || Catalogue::find($key) !== null ? $key : $in->fail($this->name, "“{$key}” is not a device of the catalogue");
    }
}
