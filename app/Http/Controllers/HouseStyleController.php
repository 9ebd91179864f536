<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\HouseStyle;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Kindred\Document\Token\Token;
use Kindred\Exchange\Tokens\ThemeFile;
use Kindred\Exchange\Tokens\TokenCss;
use Kindred\Exchange\Tokens\TokenFile;
use Kindred\Input\InvalidInput;

/** The house style: its drawer, what fits a property, and files of design tokens. */
final class HouseStyleController extends Controller
{
    /** The drawer in a theme, with what uses the tokens that are open in it. */
    public function show(Request $request, Project $project, HouseStyle $style): View
    {
        $themes = $style->themes($project);
        $theme = isset($themes->all()[$this->asked($request, 'theme')]) ? $this->asked($request, 'theme') : '';
        $names = Token::inOrder($themes->tokens($theme));
        $open = array_intersect_key($names, array_flip($this->askedList($request, 'open', 20)));

        return view('house.drawer', [
            'project' => $project, 'types' => $style->byType($names), 'names' => $names, 'counts' => $style->counts($project),
            'themes' => $themes->all(), 'theme' => $themes->all()[$theme] ?? null, 'own' => $themes->values($theme), 'plain' => $themes->tokens(), 'dressing' => $style->dressing($project, $names),
            'open' => array_map(fn (Token $token): array => ['others' => $style->others($names, $token), 'alike' => $style->alike($project, $token), ...$style->uses($project, $token->id)], $open),
        ]);
    }

    /** Which tokens a property of the selection can be bound to. */
    public function choices(Request $request, Project $project, HouseStyle $style): View
    {
        return view('house.choices', $style->choices($project, $this->askedList($request, 'layers', 500), $this->asked($request, 'field'), $this->askedList($request, 'screens', 500)));
    }

    /** The tokens as a file of the Design Tokens Community Group, with themes as one for resolvers. */
    public function json(Project $project, HouseStyle $style): Response
    {
        [$themes, $groups] = [$style->themes($project), $style->groups($project)];

        return $themes->all() === [] ? $this->file($project, TokenFile::write($themes->tokens(), $groups), 'application/json', 'tokens.json')
            : $this->file($project, ThemeFile::write($themes, $groups), 'application/json', 'resolver.json');
    }

    /** The tokens as custom properties of CSS. */
    public function css(Project $project, HouseStyle $style): Response
    {
        return $this->file($project, TokenCss::write($style->themes($project)), 'text/css', 'css');
    }

    /** What a file of design tokens would bring; nothing is changed yet. */
    public function read(Request $request, Project $project, HouseStyle $style): JsonResponse
    {
        $file = $request->file('tokens');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            Uploads::mustHaveFit($file);
            throw new InvalidInput('', 'No file arrived. Choose a JSON file of design tokens of at most '.(TokenFile::MAX_BYTES >> 20).' MB.');
        }

        return new JsonResponse($style->arriving($project, (string) $file->get()));
    }

    private function file(Project $project, string $text, string $type, string $ending): Response
    {
        $name = Str::slug($project->name) ?: 'house-style';

        return response($text, 200, ['Content-Type' => "{$type}; charset=utf-8", 'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\""]);
    }
}
