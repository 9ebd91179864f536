<?php

declare(strict_types=1);

namespace Kindred\Exchange;

use Kindred\Input\Reader;

/** A note as a project file holds it: what it says, who wrote it and when (ISO 8601), and what it is tied to. */
final readonly class FileNote
{
    public const MAX_LENGTH = 4000;

    /**
     * @param  string  $screen  empty on the wall beside the screens
     * @param  string  $layer  empty where it is tied to a place
     * @param  float  $x  px from the corner of the screen, or of the wall
     */
    public function __construct(
        public int $number,
        public string $screen,
        public string $layer,
        public float $x,
        public float $y,
        public string $words,
        public bool $resolved,
        public string $author,
        public string $written,
    ) {
    }

    public static function read(Reader $in): self
    {
        $written = $in->words('written', 40);
        if ($written !== '' && strtotime($written) === false) {
            $in->fail('written', 'a time as in ISO 8601 is expected here');
        }

        return new self(
            $in->whole('number', 1, 1_000_000),
            $in->optionalId('screen') ?? '',
            $in->optionalId('layer') ?? '',
            $in->number('x'),
            $in->number('y'),
            $in->string('words', self::MAX_LENGTH, false),
            $in->boolean('resolved', false),
            $in->words('author', 120),
            $written,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'number' => $this->number, 'screen' => $this->screen === '' ? null : $this->screen, 'layer' => $this->layer === '' ? null : $this->layer,
            'x' => $this->x, 'y' => $this->y, 'words' => $this->words, 'resolved' => $this->resolved, 'author' => $this->author, 'written' => $this->written,
        ];
    }
}
