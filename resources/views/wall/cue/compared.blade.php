{{-- What a widget holds, how it is compared, and with what. --}}
@php
    $reads = $is->part === '' ? $is->signal : "{$is->signal}.{$is->part}";
    $held = $cueing['signals'][$reads] ?? null;
    $on = $held !== null && $held['kind'] === Kindred\Signal\Kind::On;
    $number = $held !== null && in_array($held['kind'], [Kindred\Signal\Kind::Number, Kindred\Signal\Kind::Date], true);
    $compares = array_filter(Kindred\Document\Cue\Comparison::cases(), fn ($one) => $one === $is->compare || match ($one->value) {
        'is', 'is-not' => true,
        'over', 'at-least', 'under', 'at-most' => ! $on && $held !== null && $held['options'] === [],
        'has', 'has-not' => $held === null || $held['kind'] === Kindred\Signal\Kind::Text || $held['kind'] === Kindred\Signal\Kind::Several,
        default => ! $on && ! $number,
    });
@endphp
<div class="row"><label for="r-{{ $key }}">Value</label>
    <select class="field" id="r-{{ $key }}" data-cue-field="{{ $path }}.reads">
        @if ($held === null)<option value="{{ $reads }}" selected>{{ $reads === '' ? 'choose …' : "{$reads}: nothing gives it" }}</option>@endif
        @foreach ($cueing['signals'] as $name => $one)<option value="{{ $name }}" @selected($name === $reads)>{{ $one['label'] }}</option>@endforeach
    </select></div>
<div class="row"><select class="field !w-full" aria-label="How it is compared" data-cue-field="{{ $path }}.compare">@foreach ($compares as $one)<option value="{{ $one->value }}" @selected($one === $is->compare)>{{ $one->label() }}</option>@endforeach</select>
    @if ($is->compare->compares())
        @if ($is->to === '' && ($on || ($held['options'] ?? []) !== []))
            <select class="field" id="v-{{ $key }}" aria-label="With what it is compared" data-cue-field="{{ $path }}.value">
                @php($options = $on ? ['on', 'off'] : $held['options'])
                @if (! in_array($is->value, $options, true))<option value="{{ $is->value }}" selected>{{ $is->value === '' ? 'choose …' : $is->value }}</option>@endif
                @foreach ($options as $one)<option value="{{ $one }}" @selected($one === $is->value)>{{ $one }}</option>@endforeach
            </select>
        @elseif ($is->to === '')
            <input class="field" id="v-{{ $key }}" aria-label="With what it is compared" data-cue-field="{{ $path }}.value" value="{{ $is->value }}" @if (($held['kind'] ?? null) === Kindred\Signal\Kind::Date) placeholder="2026-05-01 or today" @endif autocomplete="off" spellcheck="false">
        @else
            <span class="label truncate">{{ $cueing['signals'][$is->to]['label'] ?? "{$is->to}: nothing gives it" }}</span>
        @endif
    @endif
</div>
@if ($is->compare->compares() && count($cueing['signals']) > 3)
    <div class="row"><label for="o-{{ $key }}" title="Compared with what another widget holds">With</label>
        <select class="field" id="o-{{ $key }}" data-cue-field="{{ $path }}.to">
            <option value="">what stands here</option>
            @foreach ($cueing['signals'] as $name => $one)@continue(str_contains($name, '.') || $name === $is->signal)<option value="{{ $name }}" @selected($name === $is->to)>{{ $one['label'] }}</option>@endforeach
        </select></div>
@endif
