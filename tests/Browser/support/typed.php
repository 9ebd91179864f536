<?php

declare(strict_types=1);

/* Reads a size and what is typed into the fill, or as the shadow, of a box of that size; writes how each is written back and drawn, null where it is refused. */

use Kindred\Document\Style\Effect\CssShadow;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;

require __DIR__.'/../../../vendor/autoload.php';

['width' => $width, 'height' => $height, 'property' => $property, 'typed' => $typed] = json_decode((string) stream_get_contents(STDIN), true);
$field = ['background' => 'fills.0.paint', 'box-shadow' => 'effects.0.effect'][$property];
$box = ['id' => 'boxa', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => $width, 'height' => $height, 'fills' => [['colour' => '#ffffff']], 'effects' => $property === 'box-shadow' ? [['colour' => '#000000']] : []];
$screen = ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => $width, 'height' => $height, 'layers' => [$box]];
$tree = ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Typed', 'screens' => [$screen]]))->tree;
echo json_encode(array_map(function (string $text) use ($tree, $field, $property, $width): ?array {
    try {
        $after = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => $field, 'value' => $text]);
    } catch (InvalidInput) {
        return null;
    }
    $layer = $after->layer('boxa');
    $shadow = $layer->effects[0]->effect ?? null;

    return [
        'written' => $shadow instanceof Shadow && $property !== 'background' ? CssShadow::write($shadow) : $layer->fills[0]->paint->css($width),
        'drawn' => Sample::renderer()->screen($after, $after->screen('home'), Sample::rendering(false, TextMode::Outlines)->with(prefix: 'p'.substr(md5($text), 0, 8).'-')),
    ];
}, $typed));
