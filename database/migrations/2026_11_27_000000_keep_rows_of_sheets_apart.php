<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;

/** The rows of a data sheet may be long: they have a column of their own, and an edit holds the rows that it changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('layers', function (Blueprint $table): void {
            $table->mediumText('sheet_rows')->nullable();
            // What lies in a layer is found by it alone, on whatever screen.
            $table->index(['project_id', 'parent']);
        });
        $this->bring();
    }

    /** Brings along what was there before. */
    public function bring(): void
    {
        foreach (DB::table('layers')->where('kind', 'array')->get(['project_id', 'id', 'body']) as $layer) {
            $body = json_decode($layer->body, true);
            $rows = $this->rows($body['sheet'] ?? []);
            unset($body['sheet']['rows']);
            DB::table('layers')->where('project_id', $layer->project_id)->where('id', $layer->id)
                ->update(['body' => json_encode($body, JSON_UNESCAPED_UNICODE), 'sheet_rows' => (new Sheet([], $rows))->lines()]);
        }
        foreach (DB::table('edits')->where('difference', 'like', '%"sheet":{%')->get(['project_id', 'sequence', 'difference']) as $edit) {
            $difference = json_decode($edit->difference);
            array_map($this->part(...), $difference->changes);
            DB::table('edits')->where('project_id', $edit->project_id)->where('sequence', $edit->sequence)
                ->update(['difference' => json_encode($difference, JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)]);
        }
    }

    public function down(): void
    {
        foreach (DB::table('layers')->where('kind', 'array')->get(['project_id', 'id', 'body', 'sheet_rows']) as $layer) {
            $body = json_decode($layer->body, true);
            $body['sheet']['rows'] = (new Sheet)->withLines($layer->sheet_rows ?? '')->toArray()['rows'];
            DB::table('layers')->where('project_id', $layer->project_id)->where('id', $layer->id)->update(['body' => json_encode($body, JSON_UNESCAPED_UNICODE)]);
        }
        Schema::table('layers', function (Blueprint $table): void {
            $table->dropIndex(['project_id', 'parent']);
            $table->dropColumn('sheet_rows');
        });
    }

    /** Both sides of a changed sheet, with the rows that differ as properties of their own. */
    private function part(stdClass $change): void
    {
        if (! isset($change->before->sheet, $change->after->sheet)) {
            return;
        }
        $sides = [];
        foreach (['before', 'after'] as $side) {
            $sides[$side] = array_column($this->rows(json_decode((string) json_encode($change->{$side}->sheet), true)), 'written', 'id');
            $change->{$side}->rows = array_map(strval(...), array_keys($sides[$side]));
            unset($change->{$side}->sheet->rows);
        }
        foreach ($sides['before'] + $sides['after'] as $id => $_) {
            [$old, $new] = [$sides['before'][$id] ?? null, $sides['after'][$id] ?? null];
            if ($old !== $new) {
                $change->before->{"row:{$id}"} = $old;
                $change->after->{"row:{$id}"} = $new;
            }
        }
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return list<Row>
     */
    private function rows(array $sheet): array
    {
        return array_map(fn (array $row): Row => Row::of($row['id'], $row['cells'] ?? []), array_values($sheet['rows'] ?? []));
    }
};
