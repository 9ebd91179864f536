<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Address;
use Kindred\Document\Check\Aside;

/** Something that a rule has found. */
final readonly class Finding
{
    /**
     * @param  class-string<Rule>  $rule
     * @param  string  $about  by which it is known again, whatever else changes
     * @param  string  $reason  in one sentence
     * @param  list<Address>  $places  the layers concerned, the one to change first; none where it is the screen as a whole
     */
    private function __construct(public string $rule, public string $about, public string $screen, public string $reason, public array $places, public ?Fix $fix = null)
    {
    }

    /**
     * @param  class-string<Rule>  $rule
     * @param  non-empty-list<Address>  $places  the one to change first
     */
    public static function of(string $rule, string $screen, string $reason, array $places, ?Fix $fix = null): self
    {
        $about = implode(' ', array_unique(array_map(fn (Address $one): string => $one->layer, $places)));

        return new self($rule, mb_strcut($about, 0, Aside::MAX_ABOUT), $screen, $reason, $places, $fix);
    }

    /**
     * About a screen as a whole.
     *
     * @param  class-string<Rule>  $rule
     */
    public static function ofScreen(string $rule, string $screen, string $about, string $reason, ?Fix $fix = null): self
    {
        return new self($rule, $about, $screen, $reason, [], $fix);
    }

    /**
     * What is wrong in each copy of an array, or in each instance, is one finding.
     *
     * @param  iterable<self>  $findings
     * @return list<self>
     */
    public static function merged(iterable $findings): array
    {
        $merged = $places = [];
        foreach ($findings as $one) {
            $key = "{$one->id()} {$one->screen}";
            $merged[$key] ??= $one;
            foreach ($one->places as $place) {
                $places[$key][(string) $place] ??= $place;
            }
        }

        return array_map(fn (string $key, self $one): self => new self($one->rule, $one->about, $one->screen, $one->reason, array_values($places[$key] ?? []), $one->fix), array_keys($merged), array_values($merged));
    }

    public function because(string $reason): self
    {
        return new self($this->rule, $this->about, $this->screen, $reason, $this->places, $this->fix);
    }

    /** The id of the decision to put it aside. */
    public function id(): string
    {
        return Aside::idOf($this->rule::key(), $this->about);
    }
}
