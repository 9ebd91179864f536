<?php

declare(strict_types=1);

use Kindred\Command\Commands;
use Kindred\Tests\Sample;

/**
 * What history calls each command, for one layer and for several.
 *
 * @return list<array{array<string, mixed>, string}>
 */
function steps(): array
{
    return [
        [['type' => 'create-layers', 'seed' => 's', 'layers' => [['kind' => 'ellipse', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]], 'Add Ellipse'],
        [['type' => 'create-layers', 'seed' => 's', 'step' => 'Paste a layer', 'layers' => [['kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]], 'Paste a layer'],
        [['type' => 'delete-layers', 'layers' => ['boxa']], 'Delete Box'], [['type' => 'delete-layers', 'layers' => ['boxa', 'icon', 'words']], 'Delete 3 layers'],
        [['type' => 'delete-layers', 'layers' => ['boxa'], 'cut' => true], 'Cut Box'],
        [['type' => 'duplicate-layers', 'layers' => ['boxa'], 'seed' => 's', 'dx' => 0, 'dy' => 0], 'Duplicate Box'],
        [['type' => 'align-layers', 'layers' => ['boxa', 'icon'], 'edge' => 'middle', 'with' => 'each'], 'Align 2 layers (middle)'],
        [['type' => 'distribute-layers', 'layers' => ['boxa', 'icon', 'words'], 'axis' => 'x'], 'Even the gaps of 3 layers'],
        [['type' => 'distribute-layers', 'layers' => ['boxa', 'icon'], 'axis' => 'x', 'gap' => 8], 'Set the gap of 2 layers'],
        [['type' => 'group-layers', 'layers' => ['boxa', 'icon'], 'seed' => 's'], 'Group 2 layers'], [['type' => 'ungroup-layers', 'layers' => ['group']], 'Ungroup Pair'], [['type' => 'mask-layers', 'layers' => ['boxa', 'icon'], 'seed' => 's'], 'Mask 2 layers'], [['type' => 'release-masks', 'layers' => ['group']], 'Release the mask of Pair'], [['type' => 'stack-layers', 'layers' => ['boxa', 'icon'], 'seed' => 's'], 'Stack 2 layers'], [['type' => 'scroll-layers', 'layers' => ['group'], 'seed' => 's'], 'Let Pair scroll'],
        [['type' => 'array-layers', 'layers' => ['boxa'], 'seed' => 's'], 'Make an array of Box'], [['type' => 'gather-copies', 'layers' => ['group', 'boxa'], 'seed' => 's'], 'Make an array of 2 copies'], [['type' => 'detach-arrays', 'layers' => ['group'], 'seed' => 's'], 'Detach the cells of Pair'],
        [['type' => 'set-cell', 'layer' => 'group', 'row' => 'row1', 'column' => 'name', 'value' => 'x'], 'Fill a cell of Pair'], [['type' => 'fill-cells', 'layer' => 'group', 'row' => 'row1', 'column' => 'name', 'values' => [['x'], ['y']], 'seed' => 's'], 'Paste 2 rows into Pair'],
        [['type' => 'take-sheet', 'layer' => 'group', 'columns' => [['name' => 'A']], 'rows' => [['x']], 'seed' => 's'], 'Import a row into Pair'],
        [['type' => 'add-rows', 'layer' => 'group', 'seed' => 's'], 'Add a row to Pair'], [['type' => 'add-rows', 'layer' => 'group', 'count' => 4, 'seed' => 's'], 'Add 4 rows to Pair'], [['type' => 'remove-rows', 'layer' => 'group', 'rows' => ['row1']], 'Remove a row of Pair'],
        [['type' => 'move-row', 'layer' => 'group', 'row' => 'row1'], 'Reorder a row of Pair'], [['type' => 'put-column', 'layer' => 'group', 'column' => ['id' => 'name', 'name' => 'Name']], 'Set column Name of Pair'], [['type' => 'remove-column', 'layer' => 'group', 'column' => 'name'], 'Remove a column of Pair'],
        [['type' => 'sample-column', 'layer' => 'group', 'column' => 'name', 'sample' => 'prices', 'seed' => 's'], 'Fill Pair with sample prices'], [['type' => 'reset-override', 'layer' => 'left.row1'], 'Let a cell follow its design in Left'],
        [['type' => 'mark-layers', 'layers' => ['boxa'], 'locked' => true], 'Lock Box'], [['type' => 'mark-layers', 'layers' => ['boxa'], 'locked' => false], 'Unlock Box'],
        [['type' => 'mark-layers', 'layers' => ['boxa'], 'hidden' => true], 'Hide Box'], [['type' => 'mark-layers', 'layers' => ['boxa'], 'hidden' => false], 'Show Box'],
        [['type' => 'move-layers', 'layers' => ['group', 'icon'], 'dx' => 1, 'dy' => 1], 'Move 2 layers'],
        [['type' => 'place-layers', 'places' => [['id' => 'boxa', 'x' => 0, 'y' => 0, 'width' => 5, 'height' => 5, 'rotation' => 0]]], 'Resize Box'],
        [['type' => 'place-layers', 'places' => [['id' => 'boxa', 'x' => 20, 'y' => 30, 'width' => 100, 'height' => 40, 'rotation' => 15]]], 'Rotate Box'],
        [['type' => 'rename-layer', 'layer' => 'icon', 'name' => 'Done'], 'Rename Tick to Done'],
        [['type' => 'reorder-layers', 'layers' => ['icon'], 'above' => null], 'Reorder Tick'],
        [['type' => 'set-field', 'layers' => ['boxa'], 'field' => 'style.lineHeight', 'value' => '1'], 'Set line height of Box'],
        [['type' => 'swap-layers', 'layers' => ['boxa', 'icon']], 'Swap 2 layers'], [['type' => 'set-style', 'layers' => ['boxa'], 'style' => ['opacity' => 0.5]], 'Give Box the copied look'],
        [['type' => 'align-screens', 'screens' => ['home', 'next'], 'edge' => 'top'], 'Align 2 screens (top)'], [['type' => 'distribute-screens', 'screens' => ['home', 'next'], 'axis' => 'x', 'gap' => 8], 'Set the gap of 2 screens'],
        [['type' => 'even-layers', 'layers' => ['boxa', 'icon']], 'Even out 2 layers'],
        [['type' => 'set-words', 'layer' => 'words', 'words' => "  Two bowls\nto collect from the shelf on Thursday"], 'Write “Two bowls to collect from the s…”'],
        [['type' => 'set-words', 'layer' => 'words', 'words' => " \n"], 'Write “Text”'], [['type' => 'set-words', 'layer' => 'words', 'words' => 'Good clay', 'runs' => [['from' => 0, 'to' => 4, 'weight' => 700]]], 'Set the text of Words'],
        [['type' => 'pair-text', 'layer' => 'words', 'words' => 'Label', 'seed' => 's', 'style' => ['family' => 'Lora', 'weight' => 600, 'size' => 12, 'lineHeight' => 1.3, 'letterSpacing' => 0.06]], 'Add “Label” beside Words'],
        [['type' => 'put-field', 'layers' => ['boxa'], 'field' => 'fills', 'value' => []], 'Set fills of Box'], [['type' => 'add-to-list', 'layers' => ['boxa'], 'list' => 'strokes', 'entry' => ['colour' => '#fff']], 'Add to the strokes of Box'],
        [['type' => 'remove-from-list', 'layers' => ['boxa'], 'list' => 'fills', 'at' => 0], 'Remove from the fills of Box'], [['type' => 'duplicate-in-list', 'layers' => ['boxa'], 'list' => 'fills', 'at' => 0], 'Duplicate in the fills of Box'], [['type' => 'move-in-list', 'layers' => ['boxa', 'icon'], 'list' => 'fills', 'from' => 0, 'to' => 1], 'Reorder the fills of 2 layers'],
        [['type' => 'change-paint', 'layers' => ['boxa'], 'paint' => 'fills.0', 'to' => 'noise'], 'Change the paint of Box'], [['type' => 'place-gradient', 'layers' => ['boxa'], 'paint' => 'fills.0', 'from' => ['x' => 0, 'y' => 0], 'to' => ['x' => 1, 'y' => 1]], 'Lay the gradient of Box'],
        [['type' => 'convert-to-paths', 'layers' => ['boxa']], 'Make a path of Box'],
        [['type' => 'combine-layers', 'layers' => ['boxa', 'words'], 'operation' => 'subtract', 'seed' => 's'], 'Subtract 2 layers'], [['type' => 'outline-strokes', 'layers' => ['boxa']], 'Outline the strokes of Box'],
        [['type' => 'offset-shapes', 'layers' => ['boxa'], 'by' => 4], 'Grow Box'], [['type' => 'offset-shapes', 'layers' => ['boxa'], 'by' => -4], 'Shrink Box'],
        [['type' => 'move-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'dx' => 1, 'dy' => 1], 'Move points of Box'],
        [['type' => 'place-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'x' => '4'], 'Place points of Box'],
        [['type' => 'scale-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'about' => ['x' => 0, 'y' => 0], 'across' => 2, 'down' => 1], 'Scale points of Box'],
        [['type' => 'align-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'to' => 'left'], 'Align points of Box'],
        [['type' => 'pull-handle', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'handle' => 'in', 'x' => 0, 'y' => 1], 'Pull a handle of Box'],
        [['type' => 'bend-curve', 'layer' => 'boxa', 'after' => ['subpath' => 0, 'node' => 0], 't' => 0.5, 'dx' => 1, 'dy' => 1], 'Bend Box'],
        [['type' => 'add-point', 'layer' => 'boxa', 'after' => ['subpath' => 0, 'node' => 0], 't' => 0.5], 'Add a point to Box'],
        [['type' => 'remove-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]]], 'Remove points of Box'],
        [['type' => 'convert-points', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]], 'smooth' => true], 'Convert points of Box'],
        [['type' => 'cut-path', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]]], 'Cut Box'],
        [['type' => 'join-path', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]]], 'Join Box'],
        [['type' => 'reverse-path', 'layer' => 'boxa', 'points' => [['subpath' => 0, 'node' => 0]]], 'Reverse Box'],
        [['type' => 'transfer-layers', 'to' => 'next', 'layers' => ['boxa'], 'dx' => 0, 'dy' => 0], 'Move Box to Next'], [['type' => 'transfer-layers', 'to' => null, 'layers' => ['boxa'], 'dx' => 0, 'dy' => 0], 'Move Box to the wall'],
        [['type' => 'put-cue', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return']]], 'Link Box to return'],
        [['type' => 'put-cue', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'delay', 'delay' => 5], 'action' => ['kind' => 'show', 'screen' => 'next']]], 'Link Home to Next'],
        [['type' => 'link-entries', 'layer' => 'boxa', 'seed' => 's'], 'Link the entries of Box'],
        [['type' => 'give-cues', 'screen' => 'home', 'layers' => ['boxa'], 'cues' => [['id' => 'cue9', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'return']]]], 'seed' => 's'], 'Give Box the copied cue'],
        [['type' => 'pair-match', 'layer' => 'boxa', 'cue' => 'cue1', 'act' => 'actions.0', 'from' => 'boxa', 'to' => 'hero'], 'Pair layers of a match'], [['type' => 'pair-match', 'layer' => 'boxa', 'cue' => 'cue1', 'act' => 'actions.0', 'to' => 'hero'], 'Leave a layer of a match alone'], [['type' => 'pair-match', 'layer' => 'boxa', 'cue' => 'cue1', 'act' => 'actions.0', 'from' => 'boxa', 'found' => true], 'Let a pair of a match be found'],
        [['type' => 'set-cue-field', 'layer' => 'boxa', 'cue' => 'cue1', 'field' => 'actions.0.screen', 'value' => 'next'], 'Set screen of a cue of Box'],
        [['type' => 'remove-cue', 'layer' => 'boxa', 'cue' => 'cue1'], 'Remove a cue of Box'],
        [['type' => 'delete-screens', 'screens' => ['next']], 'Delete screen Next'], [['type' => 'delete-screens', 'screens' => ['home', 'next']], 'Delete 2 screens'],
        [['type' => 'move-screens', 'screens' => ['next'], 'dx' => 1, 'dy' => 1], 'Move screen Next'], [['type' => 'duplicate-screen', 'seed' => 's'], 'Duplicate screen Home'],
        [['type' => 'order-screens', 'screens' => ['next', 'home']], 'Order the reel'],
        [['type' => 'reorder-screen', 'above' => 'next'], 'Reorder screen Home'], [['type' => 'set-entry', 'screen' => 'next'], 'Start at Next'],
        [['type' => 'set-finish', 'finish' => 'rough'], 'Finish rough'], [['type' => 'set-framed', 'framed' => true], 'Show device frames'],
        [['type' => 'put-icons', 'icons' => [['name' => 'pug-mill', 'lines' => 'M4 4L20 20']]], 'Import the icon “pug-mill”'], [['type' => 'remove-icon', 'icon' => 'pug-mill'], 'Remove the icon “pug-mill”'], [['type' => 'make-icon', 'screen' => 'home', 'layers' => ['boxa']], 'Make an icon of Box'],
        [['type' => 'put-fonts', 'fonts' => [['family' => 'Kiln Hand', 'weight' => 400, 'italic' => false, 'asset' => str_repeat('a', 64)]]], 'Import “Kiln Hand”'], [['type' => 'remove-fonts', 'family' => 'Kiln Hand'], 'Remove the font “Kiln Hand”'], [['type' => 'replace-family', 'family' => 'Lora', 'by' => 'Archivo'], 'Set in “Archivo” what was in “Lora”'],
        [['type' => 'edit-together', 'copies' => [['screen' => 'home', 'parts' => ['boxa']]], 'command' => ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 1, 'dy' => 0]], 'Move Box, in all copies'],
        [['type' => 'set-widget', 'layers' => ['boxa'], 'field' => 'label', 'value' => 'x'], 'Set label of Box'], [['type' => 'fill-widget', 'layer' => 'boxa', 'table' => 'x'], 'Paste into Box'], [['type' => 'write-widget', 'layer' => 'boxa', 'place' => 'items.0.label', 'words' => 'x'], 'Write in Box'], [['type' => 'convert-widgets', 'layers' => ['boxa', 'words'], 'widget' => 'list', 'name' => 'List'], 'Make a list of 2 layers'],
        [['type' => 'open-widgets', 'layers' => ['boxa'], 'seed' => 's'], 'Open Box'], [['type' => 'move-section', 'layers' => ['boxa'], 'dy' => 8], 'Move Box and what is below'],
        [['type' => 'put-grid', 'grid' => ['id' => 'grid1', 'kind' => 'baseline']], 'Set baseline grid of screen Home'], [['type' => 'remove-grid', 'grid' => 'grid1'], 'Remove a grid of screen Home'], [['type' => 'set-grid-field', 'grid' => 'grid1', 'field' => 'gutter', 'value' => '8'], 'Set gutter of a grid of screen Home'],
        [['type' => 'move-guide', 'axis' => 'x', 'to' => 24], 'Add a guide of screen Home'], [['type' => 'move-guide', 'axis' => 'y', 'from' => 24, 'to' => 30], 'Move a guide of screen Home'], [['type' => 'move-guide', 'axis' => 'y', 'from' => 24], 'Remove a guide of screen Home'],
        [['type' => 'set-screen-field', 'field' => 'ground', 'value' => '#fff'], 'Set background of screen Home'],
        [['type' => 'make-take', 'seed' => 's'], 'New take of Home'], [['type' => 'switch-take', 'take' => 'next'], 'Keep take  of Home'], [['type' => 'delete-take', 'take' => 'next'], 'Delete take  of Home'],
        [['type' => 'set-take', 'take' => 'next', 'field' => 'reason', 'value' => 'x'], 'Set the reason of take '], [['type' => 'set-criteria', 'criteria' => ['Calm']], 'Set the criteria for takes of Home'],
        [['type' => 'carry-layers', 'from' => 'home', 'to' => 'next', 'layers' => ['boxa'], 'seed' => 's'], 'Carry Box to take '], [['type' => 'make-condition', 'condition' => 'first-use', 'seed' => 's'], 'Home for first use'],
        [['type' => 'set-tracing', 'asset' => null], 'Remove the tracing from Home'], [['type' => 'set-tracing', 'asset' => str_repeat('a', 64), 'width' => 10, 'height' => 10], 'Lay a tracing under Home'],
        [['type' => 'put-entry', 'entry' => ['id' => 'goal1', 'part' => 'goal', 'title' => 'Fewer calls']], 'Add goal “Fewer calls”'], [['type' => 'move-entry', 'entry' => 'goal1'], 'Reorder “an entry”'], [['type' => 'remove-entry', 'entry' => 'goal1'], 'Remove “an entry” from the brief'],
        [['type' => 'tie-entry', 'entry' => 'need1', 'ties' => [['kind' => 'layer', 'id' => 'boxa']]], 'Tie “a requirement”'], [['type' => 'tie-entry', 'entry' => 'need1', 'tied' => false, 'ties' => [['kind' => 'layer', 'id' => 'boxa']]], 'Untie “a requirement”'],
        [['type' => 'hang-plan', 'entries' => ['plan1', 'plan2'], 'device' => 'phone', 'seed' => 's'], 'Hang 2 planned screens'],
        [['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#fff']]], 'Add token “colour.clay”'], [['type' => 'put-tokens', 'tokens' => [['id' => 'clay'], ['id' => 'moss']]], 'Put 2 tokens into the house style'],
        [['type' => 'remove-token', 'token' => 'clay'], 'Remove token “gone”'], [['type' => 'bind-token', 'layers' => ['boxa'], 'field' => 'corners', 'token' => 'clay'], 'Bind “a token” to Box'], [['type' => 'bind-token', 'layers' => ['boxa'], 'field' => 'corners', 'token' => null], 'Detach Box from its token'],
        [['type' => 'bind-screens', 'screens' => ['home'], 'token' => 'clay'], 'Bind “a token” to the background of screen Home'], [['type' => 'bind-screens', 'screens' => ['home', 'next'], 'token' => null], 'Detach the background of 2 screens'],
        [['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'], 'Add theme “Dark”'], [['type' => 'remove-theme', 'theme' => 'dark'], 'Remove theme “gone”'],
        [['type' => 'put-library', 'id' => 'parts', 'name' => 'Studio parts', 'project' => '', 'taken' => []], 'Take from library Studio parts'], [['type' => 'remove-library', 'library' => 'parts'], 'Part with library gone'],
        [['type' => 'put-component', 'sheet' => ['id' => 'chips', 'name' => 'Chip', 'device' => 'custom', 'width' => 100, 'height' => 60, 'component' => ['root' => 'chip1']], 'layers' => [['id' => 'chip1', 'kind' => 'box', 'width' => 20, 'height' => 20]]], 'Take component Chip'],
        [['type' => 'set-reading', 'layers' => ['boxa']], 'Set what is read first on “Home”'], [['type' => 'set-reading', 'layers' => []], 'Read “Home” as its requirements come'],
        [['type' => 'set-rule', 'rule' => 'text-size', 'on' => false], 'Check no more: size of text'], [['type' => 'set-rule', 'rule' => 'contrast', 'limit' => 7], 'Check contrast of text by 7:1'], [['type' => 'set-rule', 'rule' => 'contrast'], 'Check contrast of text as usual'],
        [['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => 'words']], 'reason' => 'A logo'], 'Put a finding aside: contrast of text'], [['type' => 'take-up', 'findings' => ['a123', 'a124']], 'Take 2 findings up again'],
        [['type' => 'show-theme', 'theme' => 'dark'], 'Show the project in theme “gone”'], [['type' => 'show-theme', 'theme' => null], 'Show the project in no theme'],
        [['type' => 'show-theme', 'theme' => 'base', 'screens' => ['home']], 'Show screen Home in no theme'], [['type' => 'show-theme', 'theme' => null, 'screens' => ['home', 'next']], 'Show 2 screens in the theme of the project'],
        [['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'clay', 'text' => 'teal']]], 'Change token “gone” in theme “gone”'], [['type' => 'remove-theme-values', 'theme' => 'dark', 'tokens' => ['clay', 'moss']], 'Reset 2 tokens in theme “gone”'],
        [['type' => 'merge-values', 'aspect' => 'colours', 'from' => ['#17594f', '#185a50'], 'to' => '#17594f'], 'Put #17594f in the place of #185a50'], [['type' => 'merge-values', 'aspect' => 'sizes', 'from' => [16], 'to' => 16, 'token' => 'text', 'name' => 'type.text'], 'Bind all of 16 px to “type.text”'],
        [['type' => 'dress-kit', 'part' => 'soft', 'token' => null], 'Take the quiet text of widgets from the kit'], [['type' => 'dress-kit', 'part' => 'accent', 'token' => 'clay'], 'Take the accent of widgets from “a token”'],
        [['type' => 'make-component', 'layers' => ['boxa'], 'seed' => 's'], 'Make a component of Box'], [['type' => 'gather-instances', 'layers' => ['boxa', 'icon'], 'seed' => 's'], 'Make a component of 2 copies'],
        [['type' => 'set-states', 'layers' => ['boxa'], 'axis' => 'axis1', 'state' => 'state1'], 'Show Box in another state'], [['type' => 'exchange-instances', 'layers' => ['boxa'], 'component' => 'gone1'], 'Exchange Box for another component'], [['type' => 'release-instances', 'layers' => ['boxa'], 'seed' => 's'], 'Release Box into layers'],
        [['type' => 'add-state', 'component' => 'home', 'name' => 'On', 'seed' => 's'], 'Add state On to Home'], [['type' => 'rename-state', 'component' => 'home', 'axis' => 'axis1', 'name' => 'Size'], 'Rename to Size'], [['type' => 'remove-state', 'component' => 'home', 'axis' => 'axis1', 'state' => 'state1'], 'Remove state '],
        [['type' => 'put-slot', 'component' => 'home', 'slot' => ['id' => 'slot1', 'name' => 'Title', 'layer' => 'words', 'path' => 'words']], 'Slot Title'], [['type' => 'remove-slot', 'component' => 'home', 'slot' => 'slot1'], 'Remove slot '], [['type' => 'remove-component', 'component' => 'home', 'seed' => 's'], 'Delete component Home'],
        [['type' => 'adopt-token', 'token' => 'clay', 'colour' => '#b4472e'], 'Bind all that has the colour of “a token”'],
        [['type' => 'make-token', 'layers' => ['boxa'], 'field' => 'fills.0.colour', 'id' => 'clay', 'name' => 'clay'], 'Make token “clay” of Box'],
        [['type' => 'create-screen', 'screen' => ['id' => 'third', 'name' => 'Third', 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844]], 'Add screen Third'],
    ];
}

it('names its step as people would', function (array $command, string $label): void {
    expect(Sample::command($command + ['screen' => 'home'])->label(Sample::tree()))->toBe($label);
})->with(steps());

it('has such a name for every command that there is', function (): void {
    $named = array_unique(array_map(fn (array $step): string => $step[0]['type'], steps()));
    $known = array_map(fn (string $class): string => $class::type(), Commands::ALL);
    expect(array_diff($known, $named))->toBe([]);
});
