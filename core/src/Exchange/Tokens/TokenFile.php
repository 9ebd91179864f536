<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Rank;
use Kindred\Document\Style\Paint\CssPaint;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;
use Kindred\Document\Token\TokenValue;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Input\InvalidInput;
use Kindred\Property\Properties;
use Kindred\Property\Typing;

/**
 * Files of design tokens, in and out (Design Tokens Format Module 2025.10, Design Tokens Community Group). What nothing here is made
 * of is kept and written again. Lengths, durations and colours are read as earlier drafts of the format wrote them, too: `"16px"`.
 */
final class TokenFile
{
    public const MAX_BYTES = 4 * 1024 * 1024;

    private const MAX_DEPTH = 12;

    private const IN_TOKENS = ['$value' => 1, '$type' => 1, '$description' => 1];

    /** @var array<string, array{node: array<array-key, mixed>, type: string|null}> what is written of each token, with the type of its groups, by name */
    private array $nodes = [];

    /** @var array<string, string> JSON by name */
    private array $groups = [];

    /** @var array<string, string> ids by name */
    private array $ids = [];

    /** @var array<string, Token> by name */
    private array $read = [];

    /** @param  array<string, string>  $known  ids of tokens that are there, by name */
    private function __construct(private readonly array $known)
    {
    }

    /**
     * The tokens and groups that a file holds.
     *
     * @param  array<string, string>  $known  ids of tokens and groups that are there, by name: what has the same name has the same id
     * @return array{tokens: list<Token>, groups: list<TokenGroup>}
     *
     * @throws InvalidInput naming the place in the file, such as `colour.clay.$value`
     */
    public static function read(string $json, array $known = []): array
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw new InvalidInput('', 'a file of design tokens may have up to 4 MB');
        }
        try {
            $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $problem) {
            throw new InvalidInput('', 'this is no JSON: '.$problem->getMessage());
        }
        if (! is_array($data) || ($data !== [] && array_is_list($data))) {
            throw new InvalidInput('', 'an object of groups and tokens is expected');
        }
        $file = new self($known);
        $file->group($data, '', null, 0);
        if ($file->nodes === []) {
            throw new InvalidInput('', 'there are no tokens in this file; a token is an object with a $value');
        }
        $tokens = [];
        foreach (array_keys($file->nodes) as $name) {
            $tokens[] = $file->token($name, []);
        }

        return ['tokens' => $tokens, 'groups' => $file->groups()];
    }

    /**
     * @param  array<string, Token>  $tokens  by id
     * @param  list<TokenGroup>  $groups
     */
    public static function write(array $tokens, array $groups = []): string
    {
        uasort($tokens, fn (Token $a, Token $b): int => strcmp($a->rank, $b->rank));
        $out = [];
        $types = [];
        foreach ($groups as $group) {
            $more = (array) json_decode($group->more, true);
            $types[$group->name] = $more['$type'] ?? null;
            self::put($out, $group->name, $more);
        }
        foreach ($tokens as $token) {
            $type = null;
            for ($steps = explode('.', $token->name); $type === null && $steps !== [];) {
                array_pop($steps);
                $type = $types[implode('.', $steps)] ?? null;
            }
            $node = Written::token($token, $tokens);
            // What the group says already is not said again.
            self::put($out, $token->name, ($node['$type'] ?? null) === $type ? array_diff_key($node, ['$type' => 1]) : $node);
        }

        return json_encode($out === [] ? new \stdClass : $out, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * @param  array<array-key, mixed>  $out
     * @param  array<array-key, mixed>  $node
     */
    private static function put(array &$out, string $name, array $node): void
    {
        $place = &$out;
        foreach ($name === '' ? [] : explode('.', $name) as $step) {
            $place[$step] = is_array($place[$step] ?? null) ? $place[$step] : [];
            $place = &$place[$step];
        }
        $place = $node + $place;
    }

    /** @param  array<array-key, mixed>  $data */
    private function group(array $data, string $name, ?string $type, int $depth): void
    {
        if ($depth > self::MAX_DEPTH) {
            throw new InvalidInput($name, 'groups lie at most '.self::MAX_DEPTH.' deep in each other');
        }
        if (isset($data['$extends'])) {
            throw new InvalidInput("{$name}.\$extends", 'groups that extend others cannot be read yet; write their tokens out');
        }
        $type = isset($data['$type']) ? self::type($data['$type'], $name) : $type;
        $more = array_filter($data, fn (int|string $key): bool => str_starts_with((string) $key, '$') && $key !== '$root', ARRAY_FILTER_USE_KEY);
        if ($more !== []) {
            $this->groups[$name] = self::json($more);
        }
        foreach ($data as $key => $node) {
            $key = (string) $key;
            if (str_starts_with($key, '$') && $key !== '$root') {
                continue;
            }
            $path = ltrim("{$name}.{$key}", '.');
            if ($key === '$root') {
                throw new InvalidInput($path, 'a token that stands for its whole group cannot be read yet; give it a name');
            }
            if ($key === '' || preg_match('/[.{}]/', $key) === 1) {
                throw new InvalidInput($path, 'a name has no dots and no braces, and is not empty');
            }
            if (! is_array($node) || ($node !== [] && array_is_list($node))) {
                throw new InvalidInput($path, 'a group or a token is expected here, which is an object');
            }
            if (! array_key_exists('$value', $node)) {
                if (isset($node['$ref'])) {
                    throw new InvalidInput("{$path}.\$ref", 'references by pointer cannot be read yet; write them with braces: {colour.clay}');
                }
                $this->group($node, $path, $type, $depth + 1);

                continue;
            }
            foreach (array_keys($node) as $inner) {
                if (! str_starts_with((string) $inner, '$')) {
                    throw new InvalidInput("{$path}.{$inner}", 'a token holds no other tokens');
                }
            }
            if (count($this->nodes) >= Token::MAX) {
                throw new InvalidInput($path, 'a house style holds at most '.number_format(Token::MAX).' tokens');
            }
            if (mb_strlen($path) > Token::MAX_NAME) {
                throw new InvalidInput($path, 'the names of a token and its groups have at most '.Token::MAX_NAME.' characters together');
            }
            $this->nodes[$path] = ['node' => $node, 'type' => $type];
            $this->ids[$path] = $this->id($path);
        }
    }

    /** @param  list<string>  $way  the tokens that led here */
    private function token(string $name, array $way): Token
    {
        if (isset($this->read[$name])) {
            return $this->read[$name];
        }
        if (in_array($name, $way, true)) {
            throw new InvalidInput("{$name}.\$value", 'these tokens stand for each other in a circle: '.implode(' → ', [...array_slice($way, (int) array_search($name, $way, true)), $name]));
        }
        ['node' => $node, 'type' => $inherited] = $this->nodes[$name];
        $at = "{$name}.\$value";
        $type = isset($node['$type']) ? self::type($node['$type'], $name) : null;
        $target = Values::alias($node['$value']);
        $values = new Values(fn (string $other, string $place): Token => isset($this->nodes[$other]) ? $this->token($other, [...$way, $name]) : throw new InvalidInput($place, "there is no token “{$other}”"));
        if ($target !== null) {
            $of = $values->token($target, $at);
            if ($type !== null && $type !== Written::type($of)) {
                throw new InvalidInput("{$name}.\$type", "“{$target}” is a ".Written::type($of).", not a {$type}");
            }
            [$value, $bound] = [$of->value, [Token::WHOLE => $of->id]];
        } else {
            [$value, $bound] = $values->of($type ?? $inherited ?? throw new InvalidInput($name, 'a token needs a $type, of its own or of its group'), $node['$value'], $at);
        }
        $value = self::directed($value, $node['$extensions'] ?? null);
        $description = $node['$description'] ?? '';
        if (! is_string($description) || mb_strlen($description) > 2_000) {
            throw new InvalidInput("{$name}.\$description", 'text of at most 2,000 characters is expected');
        }
        $more = array_diff_key($node, self::IN_TOKENS);
        $token = new Token($this->ids[$name], Rank::spread(null, null, 1)[0], $name, $value, $description, [], '', $more === [] ? '' : self::json($more));
        foreach ($bound as $path => $id) {
            $token = Bindings::bind($token, $path, $id);
        }
        // Kept only where it would be written otherwise.
        $source = self::json($node['$value']);
        $byId = array_column([...array_values($this->read), $token], null, 'id');
        if ($target === null && self::json(Written::value($token, $byId)) !== $source) {
            $token = $token->with(source: $source);
        }
        if (strlen($token->source) > 20_000 || strlen($token->more) > 20_000) {
            throw new InvalidInput($name, 'what a token says may have up to 20,000 characters');
        }

        return $this->read[$name] = $token;
    }

    /** A gradient with the direction and the kind that we wrote beside its stops. */
    private static function directed(TokenValue $value, mixed $extensions): TokenValue
    {
        $own = is_array($extensions) ? $extensions[Written::OWN] ?? null : null;
        $css = is_array($own) ? $own['css'] ?? null : null;
        if (! $value instanceof GradientToken || ! is_string($css) || strlen($css) > 4_000) {
            return $value;
        }
        try {
            $paint = CssPaint::read($css, Typing::alone());
        } catch (InvalidInput) {
            return $value;
        }

        return $paint instanceof Gradient && count($paint->stops()) === count($value->paint->stops()) ? new GradientToken(Properties::with($paint, ['stops' => $value->paint->stops()])) : $value;
    }

    private function id(string $name): string
    {
        return $this->known[$name] ?? 't'.substr(base_convert(substr(hash('sha256', $name), 0, 12), 16, 36).base_convert(substr(hash('sha256', $name), 12, 12), 16, 36), 0, 18);
    }

    /** @return list<TokenGroup> */
    private function groups(): array
    {
        $groups = [];
        $rank = null;
        foreach ($this->groups as $name => $more) {
            $rank = Rank::between($rank, null);
            $groups[] = new TokenGroup($this->id("group {$name}"), $rank, $name, $more);
        }

        return $groups;
    }

    private static function type(mixed $type, string $place): string
    {
        return is_string($type) && in_array($type, Values::TYPES, true) ? $type : throw new InvalidInput("{$place}.\$type", (is_string($type) ? "“{$type}” is no type" : 'a type is expected').'; there are '.implode(', ', Values::TYPES));
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
