<?php

declare(strict_types=1);

namespace Tests\Hostile;

/** Inputs that are broken, huge or meant badly, the same ones from the same seed. */
final class Generator
{
    private const WORDS = ['', ' ', '0', '-1', '1e999', 'NaN', '../../etc/passwd', '<script>alert(1)</script>', '"><img src=x onerror=alert(1)>', '{{ 7*7 }}', "'; drop table layers; --", "a\0b", "\u{202E}txt", "\u{FEFF}", 'ť', '%00', '${x}', 'null', 'true', '🏺'];

    private const NUMBERS = [0, -1, 1, 0.5, -0.0, 1e-320, 1e308, 99_999, 100_000, 100_001, -100_001, PHP_INT_MAX, PHP_INT_MIN, 2 ** 53, 1e15];

    public function __construct(int $seed)
    {
        mt_srand($seed);
    }

    public function chance(int $of): bool
    {
        return mt_rand(1, $of) === 1;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    public function word(): string
    {
        return match (mt_rand(0, 5)) {
            0 => str_repeat($this->one(['a', 'w ', '(', '>', "\n", 'é', '🏺', '[', '*', '_']), mt_rand(1, 30_000)),
            1 => random_like(mt_rand(0, 40)),
            default => $this->one(self::WORDS),
        };
    }

    public function value(int $depth = 0): mixed
    {
        return match (mt_rand(0, $depth > 3 ? 3 : 6)) {
            0 => $this->one(self::NUMBERS),
            1, 2 => $this->word(),
            3 => $this->one([null, true, false]),
            4 => array_map(fn (): mixed => $this->value($depth + 1), range(0, mt_rand(0, 3))),
            5 => [$this->word() => $this->value($depth + 1)],
            default => array_fill(0, mt_rand(0, 60), $this->value($depth + 2)),
        };
    }

    /**
     * Data with some of its values replaced, left out, doubled or put elsewhere.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    public function spoiled(array $data, int $rarely = 12): array
    {
        $out = [];
        foreach ($data as $key => $value) {
            if ($this->chance($rarely * 2)) {
                continue;
            }
            $out[$this->chance($rarely * 4) ? $this->word() : $key] = match (true) {
                $this->chance($rarely) => $this->value(),
                is_array($value) => $this->spoiled($value, $rarely),
                default => $value,
            };
            if (is_int($key) && $this->chance($rarely)) {
                $out[] = $value;
            }
        }

        return array_is_list($data) ? array_values($out) : $out;
    }

    public function svg(): string
    {
        $n = fn (): string => (string) $this->one(['0', '10', '-5', '1e9', '1e999', 'nan', '50%', '3px', '1e-170', '', 'x', '100001']);
        $attributes = function () use ($n): string {
            $out = '';
            foreach (['x', 'y', 'width', 'height', 'r', 'rx', 'cx', 'cy', 'x1', 'y2', 'dy', 'fill', 'stroke', 'stroke-width', 'transform', 'd', 'points', 'href', 'id', 'class', 'style', 'opacity', 'font-size', 'onload'] as $name) {
                if ($this->chance(4)) {
                    $value = match ($name) {
                        'transform' => $this->one(['rotate(45)', 'scale(1e200)', 'matrix(0 0 0 0 0 0)', 'skewX(90)', 'translate('.$n().')', 'rotate(']),
                        'd' => $this->one(['M0 0h10v10z', 'M0 0A1 1 0 0 1 1e-170 0', 'M0 0h1e999', 'm', str_repeat('M0 0c1 1 2 2 3 3', mt_rand(1, 4000)), 'M0 0 L'.$n().' '.$n()]),
                        'points' => $this->one(['0,0 1,1', '', '1e999,0 1', str_repeat('1,2 ', mt_rand(1, 3000))]),
                        'href' => $this->one(['#a', '#b', 'file:///etc/passwd', 'http://127.0.0.1/', 'data:image/png;base64,AAAA', 'javascript:alert(1)']),
                        'id' => $this->one(['a', 'b', 'c']),
                        'fill', 'stroke' => $this->one(['red', 'url(#a)', 'none', 'currentColor', '#12', 'rgb(1e999 0 0)', 'inherit']),
                        'style' => $this->one(['fill:red', 'fill:url(#b);opacity:1e999', 'a:b;c', ':::', 'font-size:1e999px']),
                        default => $n(),
                    };
                    $out .= " {$name}=\"".htmlspecialchars($value, ENT_XML1).'"';
                }
            }

            return $out;
        };
        $element = function (int $depth) use (&$element, $attributes): string {
            $name = $this->one(['g', 'rect', 'circle', 'ellipse', 'line', 'path', 'polygon', 'polyline', 'text', 'tspan', 'use', 'image', 'symbol', 'defs', 'style', 'linearGradient', 'stop', 'script', 'foreignObject', 'a', 'switch', 'svg']);
            $inner = $depth > 5 ? '' : implode('', array_map(fn (): string => $element($depth + 1), range(0, mt_rand(0, 3))));

            return "<{$name}{$attributes()}>".($this->chance(3) ? htmlspecialchars(mb_scrub(substr($this->word(), 0, 400)), ENT_XML1) : '')."{$inner}</{$name}>";
        };
        $svg = '<svg xmlns="http://www.w3.org/2000/svg"'.$attributes().'>'.implode('', array_map(fn (): string => $element(0), range(0, mt_rand(0, 12)))).'</svg>';

        return match (mt_rand(0, 9)) {
            0 => substr($svg, 0, mt_rand(0, strlen($svg))),
            1 => '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]>'.$svg,
            2 => '<svg>'.str_repeat('<g>', mt_rand(1, 30_000)).'</svg>',
            3 => '<svg xmlns="http://www.w3.org/2000/svg">'.str_repeat($this->one(['<g/>', '<rect width="1" height="1"/>', '<text>a</text>']), mt_rand(1, 30_000)).'</svg>',
            default => $svg,
        };
    }

    public function picture(): string
    {
        $image = imagecreatetruecolor(mt_rand(1, 40), mt_rand(1, 40));
        imagefill($image, 0, 0, mt_rand(0, 0xFFFFFF));
        imageinterlace($image, $this->chance(2));
        ob_start();
        match (mt_rand(0, 3)) {
            0 => imagepng($image),
            1 => imagejpeg($image),
            2 => imagewebp($image),
            default => imagegif($image),
        };
        $bytes = (string) ob_get_clean();
        foreach (range(1, mt_rand(1, 12)) as $_) {
            $bytes[mt_rand(0, strlen($bytes) - 1)] = chr(mt_rand(0, 255));
        }

        return match (mt_rand(0, 5)) {
            0 => substr($bytes, 0, mt_rand(0, strlen($bytes))),
            1 => $bytes.random_like(mt_rand(1, 2000)),
            2 => "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', $this->one([0, 1, 5000, 40_000, 0x7FFFFFFF]), $this->one([0, 1, 9000, 40_000]), $this->one([1, 8, 16, 99]), $this->one([0, 2, 3, 6]), 0, 0, mt_rand(0, 1)).random_like(40),
            default => $bytes,
        };
    }

    public function table(): string
    {
        $delimiter = $this->one([',', ';', "\t", '|', ' ']);
        $cell = fn (): string => $this->one(['Bowl', '4', '"', '""', '"a,b"', "\"two\nlines\"", '€ 4', '', "\0", str_repeat('x', mt_rand(0, 6000)), '=1+1', "\xFF\xFE", 'ä']);
        $rows = implode($this->one(["\n", "\r\n", "\r"]), array_map(fn (): string => implode($delimiter, array_map(fn (): string => $cell(), range(0, mt_rand(0, 40)))), range(0, mt_rand(0, 60))));

        return match (mt_rand(0, 6)) {
            0 => str_repeat($delimiter, mt_rand(1, 200_000)),
            1 => str_repeat("a{$delimiter}b\n", mt_rand(1, 60_000)),
            2 => random_like(mt_rand(0, 4000)),
            default => $rows,
        };
    }
}

/** Bytes of any kind, from the seed. */
function random_like(int $length): string
{
    $out = '';
    for ($i = 0; $i < $length; $i++) {
        $out .= chr(mt_rand(0, 255));
    }

    return $out;
}
