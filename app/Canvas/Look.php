<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Check\Checker;
use Kindred\Check\Elsewhere;
use Kindred\Check\Report;
use Kindred\Check\Rule;
use Kindred\Check\Rules;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** A project as checks find it, and what decides whether a report of one of its screens is still true. */
final readonly class Look
{
    /** @var list<string> the screens in the order of the reel, and the sheets of components */
    public array $order;

    private Elsewhere $elsewhere;

    /** @var array<string, string> what is set of rules, by their keys */
    private array $settings;

    /** What every rule depends on. */
    private string $common;

    /**
     * @param  Tree  $head  its screens, house style, brief and settings, without layers
     * @param  string|null  $theme  in which the screens are looked at; null for the one that each shows
     * @param  array<string, int>  $revisions  by screen
     */
    public function __construct(public Project $project, public Tree $head, public ?string $theme, public array $revisions)
    {
        $this->order = array_map(fn (Screen $screen): string => $screen->id, $head->hung());
        $this->elsewhere = new Elsewhere($head);
        $this->settings = array_map(fn ($setting): string => json_encode([$setting->on, $setting->limit], JSON_THROW_ON_ERROR), Checker::settings($head));
        $this->common = json_encode([$head->project->theme, $head->project->look->toArray(), $theme, $theme === null ? '' : $this->elsewhere->tokens()], JSON_THROW_ON_ERROR);
    }

    /**
     * A report, and all by which it is known later what of it is still true.
     *
     * @return array{revision: int, screen: string, settings: array<string, string>, beyond: array<string, string>, report: string}
     */
    public function kept(string $screen, Report $report): array
    {
        return ['revision' => $this->revisions[$screen] ?? 0, 'screen' => $this->digest($screen), 'settings' => $this->settings, 'beyond' => $this->elsewhere->of($this->head->screen($screen), $report), 'report' => serialize($report)];
    }

    /**
     * The rules by which a screen is to be looked at again.
     *
     * @param  mixed  $kept  what was kept of it; null where nothing was
     * @return list<class-string<Rule>>
     */
    public function stale(string $screen, mixed $kept): array
    {
        if (! is_array($kept) || ($kept['revision'] ?? null) !== ($this->revisions[$screen] ?? null) || ($kept['screen'] ?? null) !== $this->digest($screen)
            || ! is_array($kept['settings'] ?? null) || ! is_array($kept['beyond'] ?? null) || ! is_string($kept['report'] ?? null)) {
            return Rules::ALL;
        }
        $settings = $kept['settings'];
        $changed = $this->elsewhere->changed($this->head->screen($screen), $kept['beyond']);

        return array_values(array_filter(Rules::ALL, fn (string $rule): bool => ($settings[$rule::key()] ?? null) !== ($this->settings[$rule::key()] ?? null) || in_array($rule, $changed, true)));
    }

    /** What decides about all that is found on a screen, beside its layers. */
    private function digest(string $screen): string
    {
        $one = $this->head->screen($screen);

        return hash('xxh64', $this->common.json_encode([$one->name, $one->condition?->value, $one->conditionOf, $one->theme], JSON_THROW_ON_ERROR));
    }
}
