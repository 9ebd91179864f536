{{-- One cue: when it happens, on what conditions, what it does, and what otherwise. --}}
@php
    $trigger = $cue->trigger;
    // By place: what is being typed stays where it is when the facets are drawn for another layer.
    $id = "q{$at}";
@endphp
<div class="cue row-group" id="cue-{{ $at }}" data-cue="{{ $cue->id }}">
    @php($entries = $owner instanceof Kindred\Document\Layer && $owner->content instanceof Kindred\Document\Layer\Widget ? array_values(array_filter(array_map(fn ($item) => $item->label, $owner->content->items))) : [])
    @if ($entries !== [] || $cue->entry !== '')
        <div class="row"><label for="n-{{ $id }}" title="The whole widget, or one of its entries">Of</label>
            <select class="field" id="n-{{ $id }}" data-cue-field="entry">
                <option value="">all of it</option>
                @if ($cue->entry !== '' && ! in_array($cue->entry, $entries, true))<option value="{{ $cue->entry }}" selected>{{ $cue->entry }} (entry that is gone)</option>@endif
                @foreach ($entries as $entry)<option value="{{ $entry }}" @selected($cue->entry === $entry)>{{ $entry }}</option>@endforeach
            </select></div>
    @endif
    <div class="row"><label for="t-{{ $id }}">When</label>
        <select class="field" id="t-{{ $id }}" data-cue-field="trigger.kind">
            @foreach (Kindred\Document\Cue\Trigger::ALL as $kind)
                @continue($owner instanceof Kindred\Document\Screen && ! $kind::isOfScreens() && ! $trigger instanceof $kind)
                <option value="{{ $kind::kind() }}" @selected($trigger instanceof $kind)>{{ $kind::label() }}</option>
            @endforeach
        </select></div>
    @if ($trigger instanceof Kindred\Document\Cue\Trigger\Delay)
        <div class="row"><label for="w-{{ $id }}">After ms</label><input class="field" id="w-{{ $id }}" data-cue-field="trigger.delay" data-step="10" autocomplete="off" spellcheck="false" value="{{ $trigger->delay }}"></div>
    @elseif ($trigger instanceof Kindred\Document\Cue\Trigger\LongPress)
        <div class="row"><label for="w-{{ $id }}">For ms</label><input class="field" id="w-{{ $id }}" data-cue-field="trigger.press" data-step="50" autocomplete="off" spellcheck="false" value="{{ $trigger->press }}"></div>
    @elseif ($trigger instanceof Kindred\Document\Cue\Trigger\Key)
        <div class="row"><label for="w-{{ $id }}" title="A letter, a sign or a name: K, Enter, ArrowLeft, Ctrl+K">Key</label><input class="field" id="w-{{ $id }}" data-cue-field="trigger.key" autocomplete="off" spellcheck="false" value="{{ $trigger->key }}"></div>
    @elseif ($trigger instanceof Kindred\Document\Cue\Trigger\Spoken)
        <div class="row"><label for="w-{{ $id }}" title="Said in a rehearsal by typing it">Phrase</label><input class="field" id="w-{{ $id }}" data-cue-field="trigger.phrase" autocomplete="off" value="{{ $trigger->phrase }}"></div>
    @elseif ($trigger instanceof Kindred\Document\Cue\Trigger\Reaching)
        @include('wall.cue.compared', ['is' => $trigger->reaches, 'path' => 'trigger.reaches', 'key' => "{$id}-r"])
    @elseif ($trigger instanceof Kindred\Document\Cue\Trigger\Swipe || $trigger instanceof Kindred\Document\Cue\Trigger\Drag)
        <div class="row"><label for="w-{{ $id }}" title="The way in which the finger goes">Direction</label>
            <select class="field" id="w-{{ $id }}" data-cue-field="trigger.direction">@foreach (Kindred\Document\Cue\Direction::cases() as $direction)<option value="{{ $direction->value }}" @selected($trigger->direction === $direction)>{{ $direction->value }}</option>@endforeach</select></div>
        @if ($trigger instanceof Kindred\Document\Cue\Trigger\Drag)
            <div class="row"><label for="g-{{ $id }}" title="How far the finger goes until it is done">Distance px</label><input class="field" id="g-{{ $id }}" data-cue-field="trigger.distance" data-step="10" autocomplete="off" spellcheck="false" value="{{ Kindred\Geometry\Number::text($trigger->distance) }}"></div>
        @endif
    @endif

    @foreach ($cue->conditions as $i => $premise)
        @include('wall.cue.premise', ['key' => "{$id}-c{$i}", 'path' => "conditions.{$i}", 'first' => $i === 0])
    @endforeach
    @foreach ($cue->actions as $i => $act)
        @include('wall.cue.act', ['key' => "{$id}-a{$i}", 'path' => "actions.{$i}", 'said' => $i === 0 ? 'Do' : 'Then', 'count' => count($cue->actions)])
    @endforeach
    @foreach ($cue->otherwise as $i => $act)
        @include('wall.cue.act', ['key' => "{$id}-o{$i}", 'path' => "otherwise.{$i}", 'said' => $i === 0 ? 'Otherwise' : 'Then', 'count' => count($cue->otherwise)])
    @endforeach
    <div class="more">
        @include('wall.cue.more', ['field' => 'conditions.'.count($cue->conditions).'.kind', 'label' => $cue->conditions === [] ? 'only if …' : 'and …', 'kinds' => Kindred\Document\Cue\CueCondition::ALL])
        @include('wall.cue.more', ['field' => 'actions.'.count($cue->actions).'.kind', 'label' => $cue->actions === [] ? 'do …' : 'then …', 'kinds' => Kindred\Document\Cue\Action::ALL])
        @if ($cue->conditions !== [])
            @include('wall.cue.more', ['field' => 'otherwise.'.count($cue->otherwise).'.kind', 'label' => $cue->otherwise === [] ? 'otherwise …' : 'otherwise then …', 'kinds' => Kindred\Document\Cue\Action::ALL])
        @endif
    </div>
    <button class="button quiet justify-self-start !text-clay" data-do="remove-cue" data-id="{{ $cue->id }}">Remove cue</button>
</div>
