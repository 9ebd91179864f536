<?php

declare(strict_types=1);

/* Reads a list of layers, writes for each the boxes that it and all within it have on a screen of their own. */

use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Layout\Measurement;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

require __DIR__.'/../../../vendor/autoload.php';

$answers = [];
foreach (json_decode((string) stream_get_contents(STDIN), true) as $layer) {
    $screen = ['id' => 'home', 'name' => 'Home', 'device' => 'desktop', 'x' => 0, 'y' => 0, 'width' => 1440, 'height' => 900, 'layers' => [$layer]];
    $tree = ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'Trees', 'screens' => [$screen]]))->tree;
    $tree = Sample::relayout()->after(new Tree($tree->project), $tree);
    $answers[] = (new Measurement(new Typesetter(Sample::faces()), Sample::expansion()))->of($tree, 'home');
}
echo json_encode($answers);
