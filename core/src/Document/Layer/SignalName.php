<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\Reader;
use Kindred\Property\Schema;
use Kindred\Property\Words;

/** The name of a signal, or none; in small letters. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class SignalName extends Words
{
    public function schema(Schema $schema): array
    {
        return parent::schema($schema) + ['pattern' => '^([\\p{L}_][\\p{L}\\p{N}_]*)?$', 'examples' => ['', 'pieces', 'e_mail_2']];
    }

    public function value(Reader $in): string
    {
        return Widget::signalName(parent::value($in), $in->at($this->name));
    }
}
