<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/**
 * What a template names of a class that is not there: views are read only when they are drawn, and each branch only
 * when it is taken, so that a class or a method which was renamed would be missed by whoever opens the page.
 *
 * @return list<string>
 */
function namedInVain(string $template): array
{
    $read = (new NodeTraverser(new NameResolver))->traverse((new ParserFactory)->createForHostVersion()->parse(Blade::compileString($template)) ?? []);
    $vain = [];
    foreach ((new NodeFinder)->findInstanceOf($read, Node::class) as $node) {
        if (! ($node instanceof Expr\StaticCall || $node instanceof Expr\ClassConstFetch || $node instanceof Expr\StaticPropertyFetch || $node instanceof Expr\New_ || $node instanceof Expr\Instanceof_) || ! $node->class instanceof Node\Name) {
            continue;
        }
        $class = $node->class->toString();
        $name = isset($node->name) && ($node->name instanceof Node\Identifier || $node->name instanceof Node\VarLikeIdentifier) ? $node->name->toString() : '';
        $there = (class_exists($class) || interface_exists($class) || enum_exists($class)) && match (true) {
            $name === '' || $name === 'class' => true,
            $node instanceof Expr\StaticCall => method_exists($class, $name) || method_exists($class, '__callStatic'),
            $node instanceof Expr\ClassConstFetch => (new ReflectionClass($class))->hasConstant($name),
            default => property_exists($class, $name),
        };
        if (! $there) {
            $vain[] = $class.($name === '' ? '' : "::{$name}");
        }
    }

    return $vain;
}

it('names in its views only classes, methods and constants that are there', function (): void {
    $vain = [];
    foreach (File::allFiles(resource_path('views')) as $file) {
        foreach (namedInVain($file->getContents()) as $name) {
            $vain[] = "{$file->getRelativePathname()}: {$name}";
        }
    }
    expect($vain)->toBe([]);
});

it('sees a name in vain wherever it stands in a template', function (string $template, array $vain): void {
    expect(namedInVain($template))->toBe($vain);
})->with([
    ['{{ Kindred\Kit\Kit::nothing() }}', ['Kindred\Kit\Kit::nothing']],
    ['@use("Kindred\Kit\Kit") <p title="{{ Kit::nothing() }}">{{ Kit::NONE }}</p>', ['Kindred\Kit\Kit::nothing', 'Kindred\Kit\Kit::NONE']],
    ['@if ($of instanceof Kindred\Kit\Gone) {{ new Kindred\Kit\Kit }} @endif', ['Kindred\Kit\Gone']],
    ['@foreach (Kindred\Kit\Kit::ALL as $one) {{ Kindred\Kit\Kit::find($one) }} @endforeach', []],
]);
