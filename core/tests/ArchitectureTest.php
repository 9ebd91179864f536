<?php

declare(strict_types=1);

arch('the core knows nothing of the application')->expect('Kindred')
    ->not->toUse(['App', 'Illuminate', 'Database', 'Symfony'])
    // Selectors of style sheets are read by a library of their own.
    ->ignoring(['Kindred\Tests', 'Symfony\Component\CssSelector']);

arch('the ground of the core stands on nothing above it')
    ->expect(['Kindred\Document', 'Kindred\Geometry', 'Kindred\Paint', 'Kindred\Type', 'Kindred\Input', 'Kindred\Device'])
    ->not->toUse(['Kindred\Kit', 'Kindred\Layout', 'Kindred\Render', 'Kindred\Motion', 'Kindred\Flow', 'Kindred\Exchange', 'Kindred\Compare', 'Kindred\Brief', 'Kindred\Signal']);

arch('the kit stands right on the ground')
    ->expect('Kindred\Kit')
    ->not->toUse(['Kindred\Layout', 'Kindred\Render', 'Kindred\Motion', 'Kindred\Flow', 'Kindred\Exchange']);

arch('layout stands right on the ground')
    ->expect('Kindred\Layout')
    ->not->toUse(['Kindred\Render', 'Kindred\Motion', 'Kindred\Flow', 'Kindred\Exchange']);

arch('every file is strict')->expect(['Kindred', 'App'])->toUseStrictTypes();

arch('no debugging is left behind')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();
