{{-- What a layer is painted with, front to back: a line for each fill or stroke, its details in place. --}}
{{-- A widget takes one colour of it. --}}
@php($simple = $only?->content instanceof Kindred\Document\Layer\Widget)
@php($label = fn (int $i) => $i === 0 ? $word : $word.' '.($i + 1))
@foreach ($coats[$list] ?? [] as $i => $coat)
    @php([$at, $id] = ["{$list}.{$i}", "f-{$list}-{$i}-paint"])
    <div class="coat" data-coat="{{ $at }}" @if ($coat['line']) data-line="{{ json_encode($coat['line']) }}" @endif>
        <div class="row">
            <label for="{{ $id }}" @if ($i < $numbers[$list]) data-lift draggable="true" title="Drag up or down to reorder" @endif>{{ $label($i) }}</label>
            <span class="with-well">
                <button type="button" class="well" data-do="colour" data-of="{{ $id }}" data-shows="{{ $coat['shows'] }}" aria-label="{{ $label($i) }}, choose" aria-haspopup="dialog"></button>
                <span class="tokened"><input class="field" id="{{ $id }}" data-field="{{ $at }}.paint" data-paint value="{{ $coat['paint']['value'] }}" placeholder="{{ $coat['paint']['mixed'] ? 'mixed' : 'none' }}" title="A colour or a gradient, as CSS writes it" autocomplete="off" spellcheck="false"><x-token :field="$at.'.paint'" :label="$label($i)" :token="$values[$at.'.paint']['token'] ?? null"/></span>
                @if ($i < $numbers[$list])
                    <button type="button" class="icon-button" data-do="set" data-name="{{ $at }}.hidden" data-value="{{ $coat['hidden'] ? 'false' : 'true' }}" aria-pressed="{{ $coat['hidden'] ? 'true' : 'false' }}" title="{{ $coat['hidden'] ? 'Show' : 'Hide' }}" aria-label="{{ $coat['hidden'] ? 'Show' : 'Hide' }} {{ strtolower($label($i)) }}"><x-glyph :name="$coat['hidden'] ? 'eye-off' : 'eye'"/></button>
                    @if (! $simple)<button type="button" class="icon-button" data-do="details" data-id="{{ $at }}" aria-expanded="false" aria-controls="d-{{ $list }}-{{ $i }}" title="Details" aria-label="Details of {{ strtolower($label($i)) }}"><x-glyph name="sliders-horizontal"/></button>@endif
                @endif
            </span>
        </div>
        @if ($i < $numbers[$list] && ! $simple)
            <div class="details" id="d-{{ $list }}-{{ $i }}" data-details="{{ $at }}" hidden>
                @include('wall.coat')
                @include('wall.entry', ['what' => strtolower($label($i)), 'last' => $numbers[$list] - 1])
            </div>
        @endif
    </div>
@endforeach
@if ($numbers[$list] > 0 && ! $simple)
    <div class="row"><span class="label"></span><button type="button" class="button quiet justify-self-start !min-h-0 !px-1" data-do="add-to-list" data-list="{{ $list }}" data-entry="{{ json_encode($fresh[$list]) }}" title="In front of the others"><x-glyph name="plus"/> {{ $word }}</button></div>
@endif
