<?php

declare(strict_types=1);

namespace Kindred\Type\Shaping;

use FFI;
use FFI\CData;

/**
 * Shapes with HarfBuzz and orders with FriBidi, as browsers do, called where they are installed. Each font is opened once.
 *
 * Contextual alternates are off, here as on the wall.
 */
final class HarfBuzz implements Shaper
{
    private const HARFBUZZ = <<<'C'
        typedef struct hb_blob_t hb_blob_t;
        typedef struct hb_face_t hb_face_t;
        typedef struct hb_font_t hb_font_t;
        typedef struct hb_buffer_t hb_buffer_t;
        typedef struct hb_draw_funcs_t hb_draw_funcs_t;
        typedef void (*to_t)(void *funcs, void *data, void *state, float x, float y, void *user);
        typedef void (*quadratic_t)(void *funcs, void *data, void *state, float cx, float cy, float x, float y, void *user);
        typedef void (*cubic_t)(void *funcs, void *data, void *state, float ax, float ay, float bx, float by, float x, float y, void *user);
        typedef void (*close_t)(void *funcs, void *data, void *state, void *user);
        hb_blob_t *hb_blob_create_from_file_or_fail(const char *file_name);
        hb_face_t *hb_face_create(hb_blob_t *blob, unsigned int index);
        hb_font_t *hb_font_create(hb_face_t *face);
        int hb_font_get_nominal_glyph(hb_font_t *font, uint32_t unicode, uint32_t *glyph);
        hb_buffer_t *hb_buffer_create(void);
        void hb_buffer_clear_contents(hb_buffer_t *buffer);
        void hb_buffer_add_utf8(hb_buffer_t *buffer, const char *text, int text_length, unsigned int item_offset, int item_length);
        void hb_buffer_set_direction(hb_buffer_t *buffer, int direction);
        void hb_buffer_set_script(hb_buffer_t *buffer, uint32_t script);
        void hb_buffer_guess_segment_properties(hb_buffer_t *buffer);
        void hb_shape(hb_font_t *font, hb_buffer_t *buffer, const uint32_t *features, unsigned int num_features);
        unsigned int hb_buffer_get_length(hb_buffer_t *buffer);
        uint32_t *hb_buffer_get_glyph_infos(hb_buffer_t *buffer, unsigned int *length);
        int32_t *hb_buffer_get_glyph_positions(hb_buffer_t *buffer, unsigned int *length);
        hb_draw_funcs_t *hb_draw_funcs_create(void);
        void hb_draw_funcs_set_move_to_func(hb_draw_funcs_t *funcs, to_t func, void *user, void *destroy);
        void hb_draw_funcs_set_line_to_func(hb_draw_funcs_t *funcs, to_t func, void *user, void *destroy);
        void hb_draw_funcs_set_quadratic_to_func(hb_draw_funcs_t *funcs, quadratic_t func, void *user, void *destroy);
        void hb_draw_funcs_set_cubic_to_func(hb_draw_funcs_t *funcs, cubic_t func, void *user, void *destroy);
        void hb_draw_funcs_set_close_path_func(hb_draw_funcs_t *funcs, close_t func, void *user, void *destroy);
        void hb_font_get_glyph_shape(hb_font_t *font, uint32_t glyph, hb_draw_funcs_t *funcs, void *data);
        C;

    private const FRIBIDI = <<<'C'
        void fribidi_get_bidi_types(const uint32_t *characters, int length, uint32_t *types);
        void fribidi_get_bracket_types(const uint32_t *characters, int length, const uint32_t *types, uint32_t *brackets);
        signed char fribidi_get_par_embedding_levels_ex(const uint32_t *types, const uint32_t *brackets, int length, uint32_t *base, void *levels);
        C;

    /** HB_DIRECTION_LTR and HB_DIRECTION_RTL. */
    private const DIRECTIONS = [4, 5];

    /** Whole numbers in an hb_glyph_info_t, and in an hb_glyph_position_t. */
    private const FIELDS = 5;

    /** FRIBIDI_PAR_ON: the first letter that has a direction decides which that of the paragraph is; FRIBIDI_PAR_LTR and FRIBIDI_PAR_RTL. */
    private const BY_ITS_LETTERS = 0x40;

    private const FROM_THE_LEFT = 0x110;

    private const FROM_THE_RIGHT = 0x111;

    /** So many pieces of words are kept. */
    private const KEPT = 5000;

    private ?Library $harfbuzz = null;

    private ?Library $fribidi = null;

    private ?CData $buffer = null;

    private ?CData $pen = null;

    /** What the pen has drawn. */
    private string $drawn = '';

    /** @var array<string, CData> */
    private array $fonts = [];

    /** @var array<string, list<Glyph>> */
    private array $shaped = [];

    /** @var array<string, array<int, bool>> */
    private array $covered = [];

    public function covers(string $file, int $code): bool
    {
        return $this->covered[$file][$code] ??= $this->harfbuzz()->call('hb_font_get_nominal_glyph', $this->font($file), $code, $this->harfbuzz()->numbers([0])) !== 0;
    }

    public function shape(string $file, string $words, bool $rightToLeft, bool $ligatures, string $script = '', array $features = []): array
    {
        // Where lines are broken the same words are asked for again and again.
        $key = "{$file} {$rightToLeft} {$ligatures} {$script} ".implode(' ', $features)." {$words}";
        if (count($this->shaped) >= self::KEPT) {
            $this->shaped = [];
        }

        return $this->shaped[$key] ??= $this->shaping($file, $words, $rightToLeft, $ligatures, $script, $features);
    }

    /**
     * @param  list<string>  $features
     * @return list<Glyph>
     */
    private function shaping(string $file, string $words, bool $rightToLeft, bool $ligatures, string $script, array $features): array
    {
        $hb = $this->harfbuzz();
        $buffer = $this->buffer ??= $hb->made('hb_buffer_create');
        $hb->call('hb_buffer_clear_contents', $buffer);
        $hb->call('hb_buffer_add_utf8', $buffer, $words, strlen($words), 0, strlen($words));
        $hb->call('hb_buffer_guess_segment_properties', $buffer);
        if ($script !== '') {
            $hb->call('hb_buffer_set_script', $buffer, self::tag($script));
        }
        $hb->call('hb_buffer_set_direction', $buffer, self::DIRECTIONS[(int) $rightToLeft]);
        $off = $ligatures ? ['calt'] : ['calt', 'liga', 'clig'];
        // Of an hb_feature_t: its tag, its value, and from where to where it holds.
        $settings = array_map(fn (string $tag): array => [self::tag($tag), 0, 0, 0xFFFFFFFF], $off);
        foreach ($features as $tag) {
            $settings[] = [self::tag($tag), 1, 0, 0xFFFFFFFF];
        }
        $hb->call('hb_shape', $this->font($file), $buffer, $hb->numbers(array_merge(...$settings)), count($settings));
        $count = $hb->call('hb_buffer_get_length', $buffer);
        $infos = $hb->pointer('hb_buffer_get_glyph_infos', $buffer, null);
        $positions = $hb->pointer('hb_buffer_get_glyph_positions', $buffer, null);
        if (! is_int($count) || $infos === null || $positions === null) {
            return [];
        }
        $glyphs = [];
        $places = array_chunk(Library::read($positions, $count * self::FIELDS, true), self::FIELDS);
        foreach (array_chunk(Library::read($infos, $count * self::FIELDS), self::FIELDS) as $i => $info) {
            [$advance, , $x, $y] = $places[$i] + [0, 0, 0, 0];
            $glyphs[] = new Glyph($info[0], $info[2] ?? 0, $advance, $x, $y);
        }

        return $glyphs;
    }

    public function outline(string $file, int $glyph): string
    {
        $this->drawn = '';
        $this->harfbuzz()->call('hb_font_get_glyph_shape', $this->font($file), $glyph, $this->pen ??= $this->pen(), null);

        return $this->drawn;
    }

    public function levels(string $paragraph, ?bool $rightToLeft = null): array
    {
        $codes = array_map(mb_ord(...), mb_str_split($paragraph));
        $count = count($codes);
        if ($count === 0) {
            return [];
        }
        $bidi = $this->fribidi ??= new Library(self::FRIBIDI, 'libfribidi.so.0');
        $nothing = array_fill(0, $count, 0);
        [$characters, $types, $brackets, $levels] = [$bidi->numbers($codes), $bidi->numbers($nothing), $bidi->numbers($nothing), $bidi->numbers($nothing)];
        $bidi->call('fribidi_get_bidi_types', $characters, $count, $types);
        $bidi->call('fribidi_get_bracket_types', $characters, $count, $types, $brackets);
        $base = $bidi->numbers([$rightToLeft === null ? self::BY_ITS_LETTERS : ($rightToLeft ? self::FROM_THE_RIGHT : self::FROM_THE_LEFT)]);
        $bidi->call('fribidi_get_par_embedding_levels_ex', $types, $brackets, $count, $base, $levels);

        return array_map(ord(...), str_split(FFI::string($levels, $count)));
    }

    private static function tag(string $tag): int
    {
        return ord($tag[0]) << 24 | ord($tag[1]) << 16 | ord($tag[2]) << 8 | ord($tag[3]);
    }

    private function font(string $file): CData
    {
        if (! isset($this->fonts[$file])) {
            $hb = $this->harfbuzz();
            $blob = $hb->pointer('hb_blob_create_from_file_or_fail', $file) ?? throw new \RuntimeException("The font {$file} cannot be read.");
            $this->fonts[$file] = $hb->made('hb_font_create', $hb->made('hb_face_create', $blob, 0));
        }

        return $this->fonts[$file];
    }

    /** Writes down what a glyph is drawn of. */
    private function pen(): CData
    {
        $hb = $this->harfbuzz();
        $pen = $hb->made('hb_draw_funcs_create');
        $writes = fn (string $letter): \Closure => function (mixed $funcs, mixed $data, mixed $state, mixed ...$rest) use ($letter): void {
            // The last is what a caller may give along.
            $numbers = array_filter(array_slice($rest, 0, -1), is_float(...));
            $this->drawn .= $letter.implode(' ', array_map(fn (float $number): string => (string) round($number, 2), $numbers));
        };
        foreach (['move_to' => 'M', 'line_to' => 'L', 'quadratic_to' => 'Q', 'cubic_to' => 'C', 'close_path' => 'Z'] as $name => $letter) {
            $hb->call("hb_draw_funcs_set_{$name}_func", $pen, $writes($letter), null, null);
        }

        return $pen;
    }

    private function harfbuzz(): Library
    {
        return $this->harfbuzz ??= new Library(self::HARFBUZZ, 'libharfbuzz.so.0');
    }
}
