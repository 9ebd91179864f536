{{-- The facets of one screen, or of several: what they share, and "mixed" where they differ. --}}
@php($same = fn (callable $of) => count($all = array_unique(array_map($of, $one ? [$one] : $screens))) === 1 ? $all[0] : null)
@if ($one)
    <div class="subject"><input value="{{ $one->name }}" data-screen-field="name" aria-label="Name of the screen" maxlength="120"><span class="kind">screen</span></div>
    @php($takes = $tree->takes($one->id))
    <div class="cell-bar">
        <span class="flex-1" title="A take is another version of a screen; the keeper is the one that hangs on the wall">{{ count($takes) < 2 ? 'One take' : "Take {$one->take->name} of ".count($takes) }}</span>
        <button class="button quiet !px-1.5" data-do="take" title="Keeps the screen as it is now, and goes on with a new take of it"><x-glyph name="copy-plus"/> New take</button>
        <button class="button quiet !px-1.5" data-do="takes" title="Takes side by side, what differs, and what to try next"><x-glyph name="columns-3"/> Compare</button>
    </div>
@else
    <div class="subject"><span class="flex-1 font-heading text-[15px] font-semibold">{{ count($screens) }} screens</span></div>
@endif
<details class="facet" id="facet-where" data-facet="where" open>
    @php($box = array_map(fn ($edge) => $same(fn ($screen) => Kindred\Geometry\Number::text($screen->box->{$edge})), ['x' => 'x', 'y' => 'y', 'width' => 'width', 'height' => 'height']))
    <summary><b>Where</b><span class="gist">{{ $box['width'] ?? 'mixed' }} × {{ $box['height'] ?? 'mixed' }}</span></summary>
    <div class="rows">
        @if (! $one)<x-aligning :several="true" :parent="false"/>@endif
        @php($device = $same(fn ($screen) => $screen->device))
        <div class="row"><label for="s-device">Device</label>
            <select class="field" id="s-device" data-screen-field="device">
                @if ($device === null || ! Kindred\Device\Catalogue::find($device))<option selected disabled>{{ $device === null ? 'mixed' : 'Custom size' }}</option>@endif
                @foreach (Kindred\Device\Catalogue::all() as $any)<option value="{{ $any->key }}" @selected($any->key === $device)>{{ $any->name }}</option>@endforeach
            </select></div>
        <div class="row two">
            @foreach (['x' => 'X', 'y' => 'Y', 'width' => 'W', 'height' => 'H'] as $field => $label)
                <label for="f-{{ $field }}">{{ $label }}</label><input class="field" id="f-{{ $field }}" data-screen-field="{{ $field }}" data-step="1" value="{{ $box[$field] }}" @if ($box[$field] === null) placeholder="mixed" @endif autocomplete="off">
            @endforeach
        </div>
        @if ($one)
            @php($device = Kindred\Device\Catalogue::for($one->device, $one->box->width, $one->view))
            <div class="row"><span class="label">Frames</span><label class="flex items-center gap-1" title="For all screens of the project, on the wall and in pictures"><input type="checkbox" data-framed @checked($tree->project->framed)> around all screens</label></div>
            <p class="text-ash">{{ $device->pointing->value === 'touch' ? 'Touch' : 'Pointer' }}, {{ $device->pixelRatio }}x, targets at least {{ $device->target }} px. @if ($one->view < $one->box->height) Scrolls below {{ $one->view }} px. @endif</p>
            @php($main = $one->conditionOf === null ? $one : ($tree->screens[$one->conditionOf] ?? $one))
            @php($made = collect($tree->reel())->filter(fn ($other) => $other->condition && ($other->id === $main->id || $other->conditionOf === $main->id))->keyBy(fn ($other) => $other->condition->value))
            <div class="row"><label for="s-condition">Condition</label>
                <select class="field" id="s-condition" data-screen-field="condition" title="The situation that this version is for">
                    <option value="">any</option>
                    @foreach (Kindred\Document\ScreenCondition::cases() as $condition)<option value="{{ $condition->value }}" @selected($condition === $one->condition) @disabled($condition !== $one->condition && isset($made[$condition->value]))>{{ $condition->label() }}</option>@endforeach
                </select></div>
            <div class="row"><label for="s-version">Version for</label>
                <select class="field" id="s-version" data-make-condition title="Hangs a version for another situation beside this one">
                    <option value="">{{ $made->isEmpty() ? 'none made yet' : $made->count().' made: '.$made->map(fn ($other) => $other->condition->label())->join(', ') }}</option>
                    @foreach (Kindred\Document\ScreenCondition::cases() as $condition)@if (! isset($made[$condition->value]))<option value="{{ $condition->value }}">make {{ $condition->label() }}</option>@endif @endforeach
                </select></div>
            <button class="button justify-self-start" data-do="devices" title="This screen laid out on every device, side by side">See it on all devices</button>
            @if ($project->entry !== $one->id)<button class="button justify-self-start" data-do="entry">Start rehearsals here</button>@else<p class="text-ash">Rehearsals start here.</p>@endif
        @endif
    </div>
</details>
<details class="facet" id="facet-look" data-facet="look" open>
    @php($ground = $same(fn ($screen) => $screen->ground->toHex()))
    <summary><b>Look</b><span class="gist">{{ $ground ?? 'mixed' }}</span></summary>
    <div class="rows"><x-colour field="ground" label="Background" :value="$ground ?? ''" :mixed="$ground === null" :screen="true" :none="false" :token="$groundToken"/>
        @if ($groundToken !== '')<p class="bound-to"><x-glyph name="tag"/><span>Background</span><button type="button" data-do="token" data-of="ground" aria-haspopup="dialog" title="Another token, or none">{{ $groundToken }}</button></p>@endif
        @php($finish = $same(fn ($screen) => $screen->finish->value ?? ''))
        <div class="row"><label for="s-finish">Finish</label>
            <select class="field" id="s-finish" data-screen-field="finish">
                @if ($finish === null)<option selected disabled>mixed</option>@endif
                @foreach (['' => 'as the project', 'rough' => 'rough', 'plain' => 'plain', 'dressed' => 'dressed'] as $name => $word)<option value="{{ $name }}" @selected($name === $finish)>{{ $word }}</option>@endforeach
            </select></div>
        @if ($themes !== [])
            @php($theme = $same(fn ($screen) => $screen->theme ?? ''))
            @php($usual = ($themes[$tree->project->theme ?? ''] ?? null)?->name)
            <div class="row"><label for="s-theme">Theme</label>
                <select class="field" id="s-theme" data-screen-theme title="Whose values the tokens have here">
                    @if ($theme === null)<option selected disabled>mixed</option>@endif
                    <option value="" @selected($theme === '')>as the project: {{ $usual ?? 'none' }}</option>
                    <option value="{{ Kindred\Document\Token\Theme::NONE }}" @selected($theme === Kindred\Document\Token\Theme::NONE)>none</option>
                    @foreach ($themes as $any)<option value="{{ $any->id }}" @selected($any->id === $theme)>{{ $any->name }}</option>@endforeach
                </select></div>
        @endif
        @if ($one?->tracing)
            <div class="row"><label for="s-tracing">Tracing</label><span class="flex gap-1"><input class="field" id="s-tracing" data-screen-field="tracing.opacity" data-step="0.1" value="{{ $one->tracing->opacity }}" title="How strong the picture under the screen shows, 0 to 1; it is on the wall only" autocomplete="off"><button class="button quiet !px-1.5" data-do="untrace">Remove</button></span></div>
        @endif
        @include('wall.grids')
    </div>
</details>
