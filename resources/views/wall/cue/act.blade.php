{{-- One of the things that a cue does, and how it moves. --}}
@php
    $action = $act->action;
    $target = $act->target();
    $gone = $target !== null && ! isset($tree->screens[$target]);
    $transition = $act->transition;
    $states = $action instanceof Kindred\Document\Cue\Action\ChangeState;
    $easing = $transition?->easing->text() ?? 'ease-out';
    $place = "cues.{$at}.{$path}";
    $i = (int) explode('.', $path)[1];
    $without = match (true) {
        $action instanceof Kindred\Document\Cue\Action\LayOver => 'as that screen says',
        $action instanceof Kindred\Document\Cue\Action\Show, $action instanceof Kindred\Document\Cue\Action\Replace => 'none',
        default => 'inverse of the way here',
    };
@endphp
<div class="cue-part" data-act>
    <div class="row"><label for="a-{{ $key }}">{{ $said }}</label>
        <span class="tokened"><select class="field" id="a-{{ $key }}" data-cue-field="{{ $path }}.kind">
            @foreach (Kindred\Document\Cue\Action::ALL as $kind)
                @continue(! $action instanceof $kind && $others === [] && in_array($kind, [Kindred\Document\Cue\Action\Show::class, Kindred\Document\Cue\Action\LayOver::class, Kindred\Document\Cue\Action\Replace::class], true))
                <option value="{{ $kind::kind() }}" @selected($action instanceof $kind)>{{ $kind::label() }}</option>
            @endforeach
            <option value="">– remove it –</option>
        </select>@if ($i > 0)<button type="button" class="token-button" data-do="cue-up" data-name="{{ $path }}.at" data-to="{{ $i - 1 }}" title="Do it earlier" aria-label="Do it earlier"><x-glyph name="arrow-up"/></button>@endif</span></div>
    @if ($target !== null)
        <div class="row"><label for="s-{{ $key }}">Screen</label>
            <select class="field" id="s-{{ $key }}" data-cue-field="{{ $path }}.screen">
                @if ($gone)<option value="{{ $target }}" selected>(deleted screen)</option>@endif
                @foreach ($others as $other)<option value="{{ $other->id }}" @selected($target === $other->id)>{{ $other->name }}</option>@endforeach
            </select></div>
        @if ($gone)<p class="field-problem">The screen was deleted; this does nothing. Choose another.</p>@endif
    @elseif ($action instanceof Kindred\Document\Cue\Action\GoBack)
        <div class="row"><label for="s-{{ $key }}">To</label>
            <select class="field" id="s-{{ $key }}" data-cue-field="{{ $path }}.to">
                <option value="">the screen before</option><option value="first" @selected($action->first)>the first screen</option>
                @if ($action->to !== null && ! isset($tree->screens[$action->to]))<option value="{{ $action->to }}" selected>(deleted screen)</option>@endif
                @foreach ($others as $other)<option value="{{ $other->id }}" @selected($action->to === $other->id)>{{ $other->name }}</option>@endforeach
            </select></div>
    @elseif ($states)
        @include('wall.cue.states', ['field' => "{$path}.becomes", 'next' => true, 'chosen' => ($action->instance === null ? '' : "{$action->instance}:").$action->axis.($action->state === null ? '' : " {$action->state}"), 'said' => 'To', 'key' => $key])
    @elseif ($action instanceof Kindred\Document\Cue\Action\SetValue)
        @php($held = $cueing['signals'][$action->signal] ?? null)
        <div class="row"><label for="s-{{ $key }}">Value</label>
            <select class="field" id="s-{{ $key }}" data-cue-field="{{ $path }}.signal">
                @if ($held === null)<option value="{{ $action->signal }}" selected>{{ $action->signal === '' ? 'choose …' : "{$action->signal}: nothing gives it" }}</option>@endif
                @foreach ($cueing['signals'] as $name => $one)@continue(str_contains($name, '.') || in_array($name, ['today', 'serial'], true))<option value="{{ $name }}" @selected($name === $action->signal)>{{ $one['label'] }}</option>@endforeach
            </select></div>
        <div class="row"><select class="field !w-full" aria-label="How it is set" data-cue-field="{{ $path }}.how">@foreach (Kindred\Document\Cue\Setting::cases() as $how)<option value="{{ $how->value }}" @selected($how === $action->how)>{{ $how->label() }}</option>@endforeach</select>
            @php($options = $action->how !== Kindred\Document\Cue\Setting::To || $held === null ? [] : ($held['kind'] === Kindred\Signal\Kind::On ? ['on', 'off'] : ($held['kind'] === Kindred\Signal\Kind::One ? $held['options'] : [])))
            @if ($options !== [])
                <select class="field" aria-label="To what it is set" data-cue-field="{{ $path }}.value">
                    @if (! in_array($action->value, $options, true))<option value="{{ $action->value }}" selected>{{ $action->value === '' ? 'choose …' : $action->value }}</option>@endif
                    @foreach ($options as $one)<option value="{{ $one }}" @selected($one === $action->value)>{{ $one }}</option>@endforeach
                </select>
            @else
                <input class="field" aria-label="{{ $action->how === Kindred\Document\Cue\Setting::Formula ? 'Formula' : 'To what it is set' }}" data-cue-field="{{ $path }}.value" value="{{ $action->value }}" placeholder="{{ match (true) { $action->how === Kindred\Document\Cue\Setting::Formula => 'pieces * 2', $action->how === Kindred\Document\Cue\Setting::By => '1', ($held['kind'] ?? null) === Kindred\Signal\Kind::Date => '2026-05-01 or today', default => '' } }}" autocomplete="off" spellcheck="false">
            @endif
        </div>
    @elseif ($action instanceof Kindred\Document\Cue\Action\ScrollTo || $action instanceof Kindred\Document\Cue\Action\FocusField)
        @php($named = $action instanceof Kindred\Document\Cue\Action\FocusField ? $cueing['fields'] : $cueing['layers'])
        <div class="row"><label for="s-{{ $key }}">{{ $action instanceof Kindred\Document\Cue\Action\FocusField ? 'Field' : 'Layer' }}</label>
            <select class="field" id="s-{{ $key }}" data-cue-field="{{ $path }}.layer">
                @if (! isset($named[$action->layer]))<option value="{{ $action->layer }}" selected>(layer that is gone)</option>@endif
                @foreach ($named as $layer => $name)<option value="{{ $layer }}" @selected($action->layer === $layer)>{{ $name }}</option>@endforeach
            </select></div>
    @elseif ($action instanceof Kindred\Document\Cue\Action\OpenAddress)
        <div class="row"><label for="s-{{ $key }}">Address</label><input class="field" id="s-{{ $key }}" data-cue-field="{{ $path }}.address" value="{{ $action->address }}" autocomplete="off" spellcheck="false"></div>
    @endif
    @if ($action::moves())
        @if (! $states)
            <div class="row"><label for="k-{{ $key }}">Transition</label>
                <select class="field" id="k-{{ $key }}" data-cue-field="{{ $path }}.transition.kind">
                    <option value="" @selected($transition === null)>{{ $without }}</option>
                    @foreach ($action instanceof Kindred\Document\Cue\Action\LayOver || $action instanceof Kindred\Document\Cue\Action\TakeOff ? Kindred\Document\Cue\TransitionKind::over() : Kindred\Document\Cue\TransitionKind::cases() as $kind)<option value="{{ $kind->value }}" @selected($transition?->kind === $kind)>{{ $kind->value }}</option>@endforeach
                </select></div>
        @endif
        @if ($transition)
            @if (! $states && $transition->kind->directed())
                <div class="row"><label for="d-{{ $key }}" title="The way in which the arriving screen moves">Direction</label>
                    <select class="field" id="d-{{ $key }}" data-cue-field="{{ $path }}.transition.direction">@foreach (Kindred\Document\Cue\Direction::cases() as $direction)<option value="{{ $direction->value }}" @selected($transition->direction === $direction)>{{ $direction->value }}</option>@endforeach</select></div>
            @endif
            @if ($transition->kind !== Kindred\Document\Cue\TransitionKind::Cut)
                @php($settles = $transition->easing->function->settles())
                @if ($settles !== null)
                    <div class="row"><span class="label">Settles in</span><span class="gist">{{ $settles }} ms</span></div>
                @else
                <div class="row"><label for="l-{{ $key }}">Duration ms</label><span class="tokened"><input class="field" id="l-{{ $key }}" data-cue-field="{{ $path }}.transition.duration" data-step="10" autocomplete="off" spellcheck="false" value="{{ $transition->duration }}"><x-token :field="$place.'.transition.duration'" label="Duration" :token="$cueTokens[$place.'.transition.duration'] ?? ''"/></span></div>
                @endif
                <div class="row"><label for="e-{{ $key }}" title="A keyword of CSS, cubic-bezier(x1, y1, x2, y2), steps(number), or spring(mass, stiffness, damping)">Easing</label>
                    <span class="tokened"><input class="field" id="e-{{ $key }}" data-cue-field="{{ $path }}.transition.easing" list="easings" value="{{ $easing }}" autocomplete="off"><x-token :field="$place.'.transition.easing'" label="Easing" :token="$cueTokens[$place.'.transition.easing'] ?? ''"/></span></div>
            @endif
            @if ($transition->kind !== Kindred\Document\Cue\TransitionKind::Cut)<x-easing :easing="$transition->easing" :field="'e-'.$key"/>@endif
            @if ($transition->kind === Kindred\Document\Cue\TransitionKind::Match)@include('wall.cue.match')@endif
            @if (! $states)
                @php($hangs = $owner instanceof Kindred\Document\Screen ? $owner : $tree->screens[$owner->screen ?? ''] ?? null)
                @php($wall = $target !== null && ! $gone && $hangs?->isPlayed() ? Kindred\Document\Cue\Transition::suggested($hangs->box, $tree->screens[$target]->box)->direction : null)
                <div class="row"><span class="label">In small</span><span class="flex items-end gap-2"><x-miniature :transition="$transition" :tall="$hangs === null || $hangs->box->width <= $hangs->view"/>
                    @if ($wall !== null && $transition->kind->directed() && $transition->direction !== $wall)<button type="button" class="button" data-do="cue-up" data-name="{{ $path }}.transition.direction" data-to="{{ $wall->value }}" title="As the screens hang on the wall">Rather {{ $wall->value }}</button>@endif</span></div>
            @endif
            <div class="row"><label for="y-{{ $key }}">Delay ms</label><input class="field" id="y-{{ $key }}" data-cue-field="{{ $path }}.transition.delay" data-step="10" autocomplete="off" spellcheck="false" value="{{ $transition->delay }}"></div>
        @endif
    @endif
</div>
