<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Sheet\Sheet;
use Kindred\Property\Properties;

/** In parts each row of the `sheet` is a property of its own, as it is written, and `rows` are their ids in order. */
trait SheetInParts
{
    public function sheet(): Sheet
    {
        return $this->sheet;
    }

    public function holding(Sheet $sheet): static
    {
        return $this->with(sheet: $sheet);
    }

    public function parts(?LayerContent $beside = null): array
    {
        $parts = Properties::of(self::class)->write($this, ['sheet' => true]) + ['sheet' => ['columns' => $this->sheet->columnsToArray()]];
        $theirs = $beside instanceof self ? $beside->sheet->rows : null;
        if ($theirs === $this->sheet->rows) {
            return $parts;
        }
        $parts['rows'] = array_column($this->sheet->rows, 'id');
        $theirs = array_column($theirs ?? [], null, 'id');
        foreach ($this->sheet->rows as $row) {
            if (($theirs[$row->id] ?? null) !== $row) {
                $parts[Sheet::ROW.$row->id] = $row->written;
            }
        }

        return $parts;
    }

    public static function joined(array $parts): array
    {
        $rows = [];
        foreach (is_array($parts['rows'] ?? null) ? array_filter($parts['rows'], is_string(...)) : [] as $id) {
            $written = $parts[Sheet::ROW.$id] ?? null;
            $rows[] = ['id' => $id, 'cells' => json_decode(is_string($written) ? $written : '{}', true)];
        }

        return ['sheet' => (array) ($parts['sheet'] ?? []) + ['rows' => $rows]] + $parts;
    }
}
