{{-- One condition of a cue. --}}
@php($condition = $premise->condition)
<div class="cue-part" data-premise>
    <div class="row">
        @if ($first)<label for="k-{{ $key }}">Only if</label>
        @else<select class="field !w-full" aria-label="How it is joined to the condition before" title="“And” binds closer than “or”" data-cue-field="{{ $path }}.or"><option value="false" @selected(! $premise->or)>and</option><option value="true" @selected($premise->or)>or</option></select>@endif
        <select class="field" id="k-{{ $key }}" aria-label="What has to hold" data-cue-field="{{ $path }}.kind">
            @foreach (Kindred\Document\Cue\CueCondition::ALL as $kind)<option value="{{ $kind::kind() }}" @selected($condition instanceof $kind)>{{ $kind::label() }}</option>@endforeach
            <option value="">– remove it –</option>
        </select></div>
    @if ($condition instanceof Kindred\Document\Cue\Condition\SignalIs)
        @include('wall.cue.compared', ['is' => $condition, 'path' => $path, 'key' => $key])
    @elseif ($condition instanceof Kindred\Document\Cue\Condition\StateIs)
        @include('wall.cue.states', ['field' => "{$path}.becomes", 'next' => false, 'chosen' => ($condition->instance === null ? '' : "{$condition->instance}:").$condition->axis.' '.$condition->state, 'said' => 'State', 'key' => $key])
        <div class="row"><span class="label"></span><select class="field" aria-label="Whether it is in that state" data-cue-field="{{ $path }}.not"><option value="false">it is so</option><option value="true" @selected($condition->not)>it is not so</option></select></div>
    @else
        <div class="row"><span class="label"></span><select class="field" aria-label="Whether they are right" title="Where they are asked to be right and are not, they say what is wrong with them" data-cue-field="{{ $path }}.not"><option value="false">are right</option><option value="true" @selected($condition->not)>are not right</option></select></div>
    @endif
</div>
