@php
    $target = $cue->action->target();
    $shows = $target !== null;
    $changing = Kindred\Document\Edit\CueField::changing($tree, $tree->screens[$owner instanceof Kindred\Document\Layer ? $owner->screen : $owner->id] ?? $screen, $owner instanceof Kindred\Document\Layer ? $owner : null);
    $turns = $cue->action instanceof Kindred\Document\Cue\Action\ChangeState;
    $transition = $cue->transition;
    $gone = $shows && ! isset($tree->screens[$target]);
    $easing = $transition?->easing->css() ?? 'ease-out';
@endphp
<div class="cue row-group" id="cue-{{ $cue->id }}" data-cue="{{ $cue->id }}">
    <div class="row"><label for="t-{{ $cue->id }}">When</label>
        <select class="field" id="t-{{ $cue->id }}" data-cue-field="trigger.kind">
            @foreach (Kindred\Document\Cue\Trigger::ALL as $kind)
                @continue($owner instanceof Kindred\Document\Screen && ! $kind::isOfScreens())
                <option value="{{ $kind::kind() }}" @selected($cue->trigger instanceof $kind)>{{ $kind::label() }}</option>
            @endforeach
        </select></div>
    @if ($cue->trigger instanceof Kindred\Document\Cue\Trigger\Delay)
        <div class="row"><label for="w-{{ $cue->id }}">After ms</label><input class="field" id="w-{{ $cue->id }}" data-cue-field="trigger.delay" data-step="10" autocomplete="off" spellcheck="false" value="{{ $cue->trigger->delay }}"></div>
    @endif
    <div class="row"><label for="a-{{ $cue->id }}">Do</label>
        <select class="field" id="a-{{ $cue->id }}" data-cue-field="action.kind">
            @foreach (Kindred\Document\Cue\Action::ALL as $kind)
                @continue(($kind === Kindred\Document\Cue\Action\Show::class && $others === []) || ($kind === Kindred\Document\Cue\Action\ChangeState::class && ($changing?->axes ?? []) === [] && ! $turns))
                <option value="{{ $kind::kind() }}" @selected($cue->action instanceof $kind)>{{ $kind::label() }}</option>
            @endforeach
        </select></div>
    @if ($shows)
        <div class="row"><label for="s-{{ $cue->id }}">Screen</label>
            <select class="field" id="s-{{ $cue->id }}" data-cue-field="action.screen">
                @if ($gone)<option value="{{ $target }}" selected>(deleted screen)</option>@endif
                @foreach ($others as $other)<option value="{{ $other->id }}" @selected($target === $other->id)>{{ $other->name }}</option>@endforeach
            </select></div>
        @if ($gone)<p class="field-problem">The screen was deleted; this cue does nothing. Choose another.</p>@endif
    @endif
    @if ($turns)
        <div class="row"><label for="b-{{ $cue->id }}">To</label>
            <select class="field" id="b-{{ $cue->id }}" data-cue-field="action.becomes">
                @if ($changing?->axis($cue->action->axis) === null)<option selected disabled>(state that is gone)</option>@endif
                @foreach ($changing?->axes ?? [] as $axis)
                    <option value="{{ $axis->id }}" @selected($cue->action->axis === $axis->id && $cue->action->state === null)>{{ $axis->name }}: the next</option>
                    @foreach ($axis->states as $state)<option value="{{ $axis->id }} {{ $state->id }}" @selected($cue->action->axis === $axis->id && $cue->action->state === $state->id)>{{ $axis->name }}: {{ $state->name }}</option>@endforeach
                @endforeach
            </select></div>
    @else
    <div class="row"><label for="k-{{ $cue->id }}">Transition</label>
        <select class="field" id="k-{{ $cue->id }}" data-cue-field="transition.kind">
            @if (! $shows)<option value="" @selected($transition === null)>inverse of the way here</option>@elseif ($transition === null)<option value="" selected>as suggested</option>@endif
            @foreach (Kindred\Document\Cue\TransitionKind::cases() as $kind)<option value="{{ $kind->value }}" @selected($transition?->kind === $kind)>{{ $kind->value }}</option>@endforeach
        </select></div>
    @endif
    @if ($transition)
        @if (! $turns && $transition->kind->directed())
            <div class="row"><label for="d-{{ $cue->id }}" title="The way in which the arriving screen moves">Direction</label>
                <select class="field" id="d-{{ $cue->id }}" data-cue-field="transition.direction">@foreach (Kindred\Document\Cue\Direction::cases() as $direction)<option value="{{ $direction->value }}" @selected($transition->direction === $direction)>{{ $direction->value }}</option>@endforeach</select></div>
        @endif
        @if ($transition->kind !== Kindred\Document\Cue\TransitionKind::Cut)
            <div class="row"><label for="l-{{ $cue->id }}">Duration ms</label><span class="tokened"><input class="field" id="l-{{ $cue->id }}" data-cue-field="transition.duration" data-step="10" autocomplete="off" spellcheck="false" value="{{ $transition->duration }}"><x-token :field="'cues.'.$at.'.transition.duration'" label="Duration" :token="$cueTokens['cues.'.$at.'.transition.duration'] ?? ''"/></span></div>
            <div class="row"><label for="e-{{ $cue->id }}">Easing</label>
                <span class="tokened"><input class="field" id="e-{{ $cue->id }}" data-cue-field="transition.easing" list="easings" value="{{ $easing }}" autocomplete="off"><x-token :field="'cues.'.$at.'.transition.easing'" label="Easing" :token="$cueTokens['cues.'.$at.'.transition.easing'] ?? ''"/></span></div>
        @endif
        <div class="row"><label for="y-{{ $cue->id }}">Delay ms</label><input class="field" id="y-{{ $cue->id }}" data-cue-field="transition.delay" data-step="10" autocomplete="off" spellcheck="false" value="{{ $transition->delay }}"></div>
        <datalist id="easings">@foreach (array_keys(Kindred\Document\Cue\Easing::NAMED) as $name)<option>{{ $name }}</option>@endforeach</datalist>
    @endif
    @if ($cue->trigger instanceof Kindred\Document\Cue\Trigger\Tap)
        <div class="row"><span class="label">Only if</span><label class="flex items-center gap-1" title="Otherwise the fields say what is wrong with them, and nothing else happens"><input type="checkbox" data-cue-field="checks" value="true" @checked($cue->checks)> the fields are right</label></div>
    @endif
    <button class="button quiet justify-self-start !text-clay" data-do="remove-cue" data-id="{{ $cue->id }}">Remove cue</button>
</div>
