<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Checks;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Kindred\Check\Checker;
use Kindred\Check\Convention;
use Kindred\Check\Group;
use Kindred\Check\Rules;
use Kindred\Document\Address;
use Kindred\Document\Limits;
use Kindred\Document\Token\Themes;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** What rules have found in a project, and by which it is checked. */
final class CheckController extends Controller
{
    /** Findings of one rule that are listed. */
    private const LISTED = 30;

    /** Marks on the wall. */
    private const MARKED = 2000;

    public function __construct(private readonly TreeLoader $store)
    {
    }

    public function show(Request $request, Project $project, Checks $checks): View
    {
        $screens = array_values(array_unique(array_filter([$this->asked($request, 'screen'), ...$this->askedList($request, 'screens', Limits::MAX_SCREENS)], fn (string $one): bool => $one !== '')));
        $named = $this->askedList($request, 'layers', Limits::MAX_LAYERS_OF_SCREEN);
        $layers = $named === [] ? [] : Address::all(Reader::of(['layers' => $named]), 'layers', Limits::MAX_LAYERS_OF_SCREEN);
        $settings = $checks->settings($project);
        $themes = Themes::of($settings)->all();
        $theme = $this->asked($request, 'theme');
        $all = $checks->of($project, $screens, isset($themes[$theme]) || $theme === 'base' ? $theme : null);

        // A component is checked where it is used.
        $sheets = array_values(array_filter($screens, fn (string $one): bool => $settings->component($one) !== null));
        $found = match (true) {
            $screens === [] => $all,
            $sheets !== [] => $all->in($this->store->load($project, new WorkingSet(whole: $sheets))),
            default => $all->on($screens),
        };
        if ($layers !== [] && $sheets === [] && ($found->open !== [] || $found->aside !== [])) {
            $found = $found->about($layers, $this->store->load($project, new WorkingSet(whole: $screens, layers: Address::named($layers))));
        }

        return view('wall.checks', [
            'project' => $project, 'found' => $found, 'all' => $all, 'listed' => self::LISTED, 'marked' => self::MARKED,
            'names' => array_map(fn ($screen): string => $screen->name, $settings->screens), 'of' => match (true) {
                $layers !== [] => count($layers) === 1 ? 'this layer' : 'these layers', $sheets !== [] => 'this component, where it is used', count($screens) === 1 => 'this screen', $screens !== [] => 'these screens', default => 'the project',
            },
            'alone' => $sheets === [] && (count($screens) === 1 || $layers !== []), 'themes' => $themes, 'theme' => $theme,
        ]);
    }

    /** Looks at further screens while another request does. */
    public function ahead(Request $request, Project $project, Checks $checks): Response
    {
        $theme = $this->asked($request, 'theme');
        $checks->ahead($project, $theme === 'base' || isset(Themes::of($checks->settings($project))->all()[$theme]) ? $theme : null);

        return response()->noContent();
    }

    public function rules(Project $project, Checks $checks): View
    {
        $settings = Checker::settings($checks->settings($project));

        return view('wall.check-rules', [
            'conventions' => array_map(fn (string $one): array => [
                'label' => $one::label(), 'source' => $one::source(),
                'commands' => array_map(fn (string $rule, float $limit): array => ['type' => 'set-rule', 'rule' => $rule::key(), 'on' => true, 'limit' => $limit], array_keys($one::limits()), $one::limits()),
                'followed' => array_filter($one::limits(), fn (float $limit, string $rule): bool => ($settings[$rule::key()]->limit ?? $rule::limit()?->usual) !== $limit || ($settings[$rule::key()]->on ?? true) === false, ARRAY_FILTER_USE_BOTH) === [],
            ], Convention::ALL),
            'groups' => array_filter(array_map(fn (Group $group): array => ['group' => $group, 'rules' => array_filter(Rules::ALL, fn (string $rule): bool => $rule::group() === $group)], Group::cases()), fn (array $one): bool => $one['rules'] !== []),
            'settings' => $settings,
        ]);
    }
}
