<?php

declare(strict_types=1);

namespace Database\Demo;

/** A first sketch. */
final class FernhollowPottery
{
    public static function file(): string
    {
        return json_encode(['format' => 'kindred-canvas', 'version' => 1, 'name' => 'Fernhollow Pottery', 'entry' => 'welcome', 'screens' => [
            ['id' => 'welcome', 'name' => 'Welcome', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#f3ece2', 'layers' => [
                ['id' => 'wbtn', 'kind' => 'box', 'name' => 'Start', 'x' => 24, 'y' => 740, 'width' => 342, 'height' => 56, 'fills' => [['colour' => '#17594f']], 'corners' => ['topLeft' => 12, 'topRight' => 12, 'bottomRight' => 12, 'bottomLeft' => 12],
                    'cues' => [['id' => 'cuea', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'booking'], 'transition' => ['kind' => 'push', 'direction' => 'left']]]],
                ['id' => 'wtxt', 'kind' => 'text', 'name' => 'Title', 'x' => 24, 'y' => 100, 'width' => 342, 'height' => 60, 'words' => 'Hello, clay', 'wrapped' => true, 'style' => ['family' => 'Lora', 'weight' => 600, 'size' => 40, 'lineHeight' => 1.1]],
            ]],
            ['id' => 'booking', 'name' => 'Booking', 'device' => 'phone', 'x' => 470, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'layers' => []],
        ]], JSON_THROW_ON_ERROR);
    }
}
