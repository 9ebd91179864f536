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

    /** Bytes of JSON that are kept of one token, or group. */
    private const MAX_MORE = 20_000;

    private const IN_TOKENS = ['$value' => 1, '$type' => 1, '$description' => 1];

    /** @var array<string, array{node: array<array-key, mixed>, raw: \stdClass, type: string|null}> what is written of each token, as arrays and as it came, with the type of its groups, by name */
    private array $nodes = [];

    /** @var array<string, string> JSON by name */
    private array $groups = [];

    /** @var array<string, string> ids by name */
    private array $ids = [];

    /** @var array<string, Token> by name */
    private array $read = [];

    /** @var array<string, Token> by id */
    private array $byId = [];

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
            // As arrays it is looked through; as objects it is kept, for an object without anything in it is no list.
            [$data, $raw] = [json_decode($json, true, 64, JSON_THROW_ON_ERROR), json_decode($json, false, 64, JSON_THROW_ON_ERROR)];
        } catch (\JsonException $problem) {
            throw new InvalidInput('', 'this is no JSON: '.$problem->getMessage());
        }
        if (! is_array($data) || ! $raw instanceof \stdClass) {
            throw new InvalidInput('', 'an object of groups and tokens is expected');
        }
        $file = new self($known);
        $file->group($data, $raw, '', null, 0);
        if ($file->nodes === []) {
            throw new InvalidInput('', 'there are no tokens in this file; a token is an object with a $value');
        }
        $tokens = [];
        // A name may be a number.
        foreach (array_map(strval(...), array_keys($file->nodes)) as $name) {
            $tokens[] = $file->token($name, []);
        }

        return ['tokens' => $tokens, 'groups' => $file->groups()];
    }

    /**
     * @param  array<string, Token>  $tokens  by id
     * @param  list<TokenGroup>  $groups
     * @param  array<string, Token>|null  $all  with those that they stand for; null where these are all
     */
    public static function write(array $tokens, array $groups = [], ?array $all = null): string
    {
        $out = new \stdClass;
        $types = [];
        foreach ($groups as $group) {
            $more = (array) json_decode($group->more);
            $types[$group->name] = $more['$type'] ?? null;
            self::put($out, $group->name, $more);
        }
        foreach (Token::inOrder($tokens) as $token) {
            $inherited = array_values(array_filter(array_map(fn (string $group): mixed => $types[$group] ?? null, [...$token->groups(), '']), is_string(...)));
            $node = Written::token($token, $all ?? $tokens);
            // What the group says already is not said again.
            self::put($out, $token->name, $node['$type'] === ($inherited[0] ?? null) ? array_diff_key($node, ['$type' => 1]) : $node);
        }

        return json_encode($out, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * Into objects, for the names in a group may be numbers in a row.
     *
     * @param  array<array-key, mixed>  $node
     */
    private static function put(\stdClass $out, string $name, array $node): void
    {
        foreach ($name === '' ? [] : explode('.', $name) as $step) {
            $inner = $out->{$step} ?? null;
            $out = $out->{$step} = $inner instanceof \stdClass ? $inner : new \stdClass;
        }
        foreach ($node as $key => $value) {
            $out->{$key} = $value;
        }
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  \stdClass  $raw  the same as it came
     */
    private function group(array $data, \stdClass $raw, string $name, ?string $type, int $depth): void
    {
        if ($depth > self::MAX_DEPTH) {
            throw new InvalidInput($name, 'groups lie at most '.self::MAX_DEPTH.' deep in each other');
        }
        if (isset($data['$extends'])) {
            throw new InvalidInput("{$name}.\$extends", 'groups that extend others cannot be read yet; write their tokens out');
        }
        $type = isset($data['$type']) ? self::type($data['$type'], $name) : $type;
        $more = array_filter((array) $raw, fn (int|string $key): bool => str_starts_with((string) $key, '$'), ARRAY_FILTER_USE_KEY);
        if ($more !== []) {
            $this->groups[$name] = self::json($more);
        }
        if (count($this->groups) > TokenGroup::MAX || strlen($this->groups[$name] ?? '') > self::MAX_MORE) {
            throw new InvalidInput($name, 'at most '.TokenGroup::MAX.' groups can say something of themselves, each up to '.number_format(self::MAX_MORE).' characters');
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
            $inner = $raw->{$key};
            if (! is_array($node) || ! $inner instanceof \stdClass) {
                throw new InvalidInput($path, 'a group or a token is expected here, which is an object');
            }
            if (! array_key_exists('$value', $node)) {
                if (isset($node['$ref'])) {
                    throw new InvalidInput("{$path}.\$ref", 'references by pointer cannot be read yet; write them with braces: {colour.clay}');
                }
                $this->group($node, $inner, $path, $type, $depth + 1);

                continue;
            }
            foreach (array_keys($node) as $part) {
                if (! str_starts_with((string) $part, '$')) {
                    throw new InvalidInput("{$path}.{$part}", 'a token holds no other tokens');
                }
            }
            if (count($this->nodes) >= Token::MAX) {
                throw new InvalidInput($path, 'a house style holds at most '.number_format(Token::MAX).' tokens');
            }
            if (mb_strlen($path) > Token::MAX_NAME) {
                throw new InvalidInput($path, 'the names of a token and its groups have at most '.Token::MAX_NAME.' characters together');
            }
            $this->nodes[$path] = ['node' => $node, 'raw' => $inner, 'type' => $type];
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
        ['node' => $node, 'raw' => $raw, 'type' => $inherited] = $this->nodes[$name];
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
        $more = self::without(array_diff_key((array) $raw, self::IN_TOKENS));
        $token = new Token($this->ids[$name], Rank::spread(null, null, 1)[0], $name, $value, $description, [], '', $more === [] ? '' : self::json($more));
        foreach ($bound as $path => $id) {
            $token = Bindings::bind($token, $path, $id);
        }
        // Kept only where it would be written otherwise.
        $source = self::json($raw->{'$value'});
        if ($target === null && self::json(Written::value($token, $this->byId)) !== $source) {
            $token = $token->with(source: $source);
        }
        if (max(strlen($source), strlen($token->more)) > self::MAX_MORE) {
            throw new InvalidInput($name, 'what a token says may have up to '.number_format(self::MAX_MORE).' characters');
        }

        return $this->read[$name] = $this->byId[$token->id] = $token;
    }

    /**
     * What we write ourselves beside a gradient follows from it.
     *
     * @param  array<array-key, mixed>  $more
     * @return array<array-key, mixed>
     */
    private static function without(array $more): array
    {
        $extensions = (array) ($more['$extensions'] ?? []);
        if (isset($extensions[Written::OWN])) {
            unset($extensions[Written::OWN], $more['$extensions']);
            $more += $extensions === [] ? [] : ['$extensions' => $extensions];
        }

        return $more;
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

    /** The same each time, but one of its own where something that is called otherwise by now has it. */
    private function id(string $name): string
    {
        $hash = hash('sha256', $name);
        do {
            $id = 't'.substr(base_convert(substr($hash, 0, 12), 16, 36).base_convert(substr($hash, 12, 12), 16, 36), 0, 18);
            $hash = hash('sha256', $hash);
        } while (in_array($id, $this->known, true));

        return $this->known[$name] ?? $id;
    }

    /** @return list<TokenGroup> */
    private function groups(): array
    {
        $groups = [];
        $rank = null;
        foreach (array_map(strval(...), array_keys($this->groups)) as $name) {
            $rank = Rank::between($rank, null);
            $groups[] = new TokenGroup($this->id("group {$name}"), $rank, $name, $this->groups[$name]);
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
