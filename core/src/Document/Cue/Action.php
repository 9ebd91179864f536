<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Screen;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Described;
use Kindred\Property\Schema;
use Kindred\Property\Stored;

/** What a cue does: show a screen, or return to the one before. */
final readonly class Action implements Described, Stored
{
    use Declared;

    private function __construct(
        #[Is\Choice] public ActionKind $kind,
        #[Is\Id(to: Screen::class, sparse: true)] public ?string $screen,
    ) {
    }

    public static function show(string $screen): self
    {
        return new self(ActionKind::Show, $screen);
    }

    public static function return(): self
    {
        return new self(ActionKind::Return, null);
    }

    public static function schema(Schema $schema): array
    {
        return ['oneOf' => [
            ['type' => 'object', 'required' => ['kind', 'screen'], 'properties' => ['kind' => ['const' => ActionKind::Show->value], 'screen' => ['type' => 'string', 'pattern' => trim(Reader::ID, '/D')]]],
            ['type' => 'object', 'required' => ['kind'], 'properties' => ['kind' => ['const' => ActionKind::Return->value]]],
        ]];
    }

    public static function read(Reader $in): self
    {
        return $in->enum('kind', ActionKind::class) === ActionKind::Show ? self::show($in->id('screen')) : self::return();
    }
}
