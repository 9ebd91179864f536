<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Entity;
use Kindred\Document\Tree;

/** Looks through screens by all rules that a project goes by. */
final readonly class Checker
{
    public function __construct(private Eyes $eyes)
    {
    }

    /**
     * What one screen has to say: what is wrong on it, and what others are compared with. A component is looked at where it is used; on its
     * own sheet only how its parts lie to each other, which is settled there.
     *
     * @param  bool  $asMade  whether it shows the theme in which it was made: in another, raw values are like those of tokens by chance
     * @param  Report|null  $known  what it has had to say by other rules
     * @param  list<class-string<Rule>>  $rules  by which it is looked at
     */
    public function screen(Tree $tree, string $screen, bool $asMade = true, ?Report $known = null, array $rules = Rules::ALL): Report
    {
        $scene = new Scene($tree, $tree->screen($screen), $this->eyes);
        $settings = self::settings($tree);
        $findings = $facts = [];
        foreach ($rules as $rule) {
            $setting = $settings[$rule::key()] ?? null;
            if ($setting?->on === false || (! $asMade && $rule::group() === Group::HouseStyle) || ($scene->screen->component !== null && $rule::group() !== Group::NearMiss)) {
                continue;
            }
            if (is_a($rule, Across::class, true)) {
                $facts[$rule::key()] = $rule::facts($scene);
            } elseif (is_a($rule, OnScreen::class, true)) {
                array_push($findings, ...Finding::merged($rule::on($scene, $setting->limit ?? $rule::limit()?->usual)));
            }
        }

        $report = $known === null ? new Report($findings, $facts, $scene->screen->component === null ? Way::from($scene) : []) : $known->without($rules)->with($findings, $facts);
        $scene->close();

        return $report;
    }

    /**
     * What is wrong between screens.
     *
     * @param  list<Report>  $reports  in the order of the reel
     * @return list<Finding>
     */
    public static function across(Tree $tree, array $reports): array
    {
        $settings = self::settings($tree);
        $findings = [];
        $ways = new Ways($tree, array_merge([], ...array_map(fn (Report $one): array => $one->ways, $reports)));
        foreach (Rules::ALL as $rule) {
            if (($settings[$rule::key()] ?? null)?->on === false) {
                continue;
            }
            if (is_a($rule, Across::class, true)) {
                array_push($findings, ...Finding::merged($rule::among(array_merge([], ...array_map(fn (Report $one): array => $one->facts[$rule::key()] ?? [], $reports)))));
            } elseif (is_a($rule, OnFlow::class, true)) {
                array_push($findings, ...Finding::merged($rule::in($ways)));
            }
        }

        return $findings;
    }

    /** @return array<string, RuleSetting> by rule */
    public static function settings(Tree $tree): array
    {
        $settings = [];
        foreach ($tree->things(Entity::RuleSetting) as $one) {
            if ($one instanceof RuleSetting) {
                $settings[$one->rule] = $one;
            }
        }

        return $settings;
    }

    /** @return array<string, Aside> what is put aside, by id */
    public static function asides(Tree $tree): array
    {
        return array_filter($tree->things(Entity::Aside), fn (mixed $one): bool => $one instanceof Aside);
    }
}
