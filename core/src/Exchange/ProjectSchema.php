<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Library\Library;
use Kindred\Document\Limits;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Property\Properties;
use Kindred\Property\Schema;

/** The JSON Schema (2020-12) of project files, from what each thing in them declares. */
final class ProjectSchema
{
    /** @return array<string, mixed> */
    public static function of(): array
    {
        $schema = new Schema;
        $list = fn (array $items, int $max): array => ['type' => 'array', 'maxItems' => $max, 'items' => $items];
        $ref = fn (string $name): array => ['$ref' => "#/\$defs/{$name}"];
        $layers = fn (int $max): array => $list($ref('layer'), $max);
        $file = $schema->object(Properties::of(Project::class), [
            'screens' => $list($ref('screen'), Limits::MAX_SCREENS),
            'brief' => $list($ref('entry'), Limits::MAX_ENTRIES),
            'tokens' => $list($ref('token'), Token::MAX),
            'tokenGroups' => $list($ref('tokenGroup'), TokenGroup::MAX),
            'themes' => $list($ref('theme'), Theme::MAX),
            'themeValues' => $list($ref('themeValue'), ThemeValue::MAX),
            'rules' => $list($ref('ruleSetting'), RuleSetting::MAX),
            'asides' => $list($ref('aside'), Aside::MAX),
            'libraries' => $list($ref('library'), Library::MAX),
            'loose' => $layers(Limits::MAX_LAYERS_OF_SCREEN),
            'notes' => $list($ref('note'), ProjectFile::MAX_NOTES),
            'pictures' => ['type' => 'object', 'propertyNames' => ['pattern' => '^[0-9a-f]{64}$'], 'additionalProperties' => ['type' => 'string', 'contentEncoding' => 'base64']],
        ]);
        $own = [
            'screen' => $schema->object(Properties::of(Screen::class), ['layers' => $layers(Limits::MAX_LAYERS_OF_SCREEN)], ['rank', 'gone']),
            'entry' => $schema->object(Properties::of(Entry::class), [], ['rank']),
            'token' => $schema->object(Properties::of(Token::class), [], ['rank']),
            'tokenGroup' => $schema->object(Properties::of(TokenGroup::class), [], ['rank']),
            'theme' => $schema->object(Properties::of(Theme::class), [], ['rank']),
            'themeValue' => $schema->object(Properties::of(ThemeValue::class), [], ['rank']),
            'ruleSetting' => $schema->object(Properties::of(RuleSetting::class), [], ['rank']),
            'aside' => $schema->object(Properties::of(Aside::class), [], ['rank']),
            'library' => $schema->object(Properties::of(Library::class), [], ['rank']),
            'note' => $schema->object(Properties::of(FileNote::class)),
            'layer' => self::layer($schema, $layers(Limits::MAX_LAYERS_OF_SCREEN)),
        ];
        $head = ['format' => ['const' => ProjectFile::FORMAT], 'version' => ['const' => ProjectFile::VERSION]];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Kindred Canvas project',
            'type' => 'object',
            'required' => [...array_keys($head), ...$file['required'] ?? []],
            'properties' => $head + $file['properties'],
            '$defs' => $own + $schema->definitions(),
        ];
    }

    /** As it stands in the repository. */
    public static function json(): string
    {
        return json_encode(self::of(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /**
     * What every layer has, and for each kind what it has of its own.
     *
     * @param  array<string, mixed>  $children
     * @return array<string, mixed>
     */
    private static function layer(Schema $schema, array $children): array
    {
        $kinds = [];
        foreach (Kinds::ALL as $class) {
            $own = $schema->object(Properties::of($class), is_a($class, Container::class, true) ? ['children' => $children] : []);
            if ($own['properties'] !== []) {
                unset($own['type']);
                $kinds[] = ['if' => ['required' => ['kind'], 'properties' => ['kind' => ['const' => $class::kind()]]], 'then' => $own];
            }
        }

        return $schema->object(Properties::of(Layer::class), [], ['screen', 'parent', 'rank']) + ['allOf' => $kinds];
    }
}
