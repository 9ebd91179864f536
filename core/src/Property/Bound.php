<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * Which of the properties beside it have the value of a token: ids of tokens by the paths of the properties. The values themselves are kept too, so that whoever reads a thing need not know of tokens.
 *
 * @extends Property<array<string, string>>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Bound extends Property implements Refers
{
    private const PATH = '^[a-zA-Z][a-zA-Z0-9]{0,29}(\.[a-zA-Z0-9]{1,30}){0,6}$';

    /** @param  class-string  $to  what tokens are */
    public function __construct(private readonly string $to, mixed ...$more)
    {
        parent::__construct(...['sparse' => true, 'field' => false, 'overridable' => false, ...$more]);
    }

    public function holds(string $class): bool
    {
        return $class === Refers::class || $class === self::class;
    }

    public function references(mixed $value, object $of): array
    {
        return is_array($value) ? array_map(fn (string $id): array => [$this->to, $id], array_values(array_filter($value, is_string(...)))) : [];
    }

    public function isBindable(): bool
    {
        return false;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'object', 'propertyNames' => ['pattern' => self::PATH], 'additionalProperties' => ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')]];
    }

    /** @return array<string, string> */
    public function value(Reader $in): array
    {
        $own = $in->object($this->name);
        $bound = [];
        foreach (array_map(strval(...), array_keys($own->raw())) as $name) {
            if (preg_match('/'.self::PATH.'/D', $name) === 1) {
                $bound[$name] = $own->id($name);
            } elseif (! $own->isLenient()) {
                $own->fail($name, 'this is the path of no property');
            }
        }
        ksort($bound);

        return $bound;
    }
}
