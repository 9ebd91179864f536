@php($layers = array_reverse($tree->children($place)))
@php($operations = $place->parent !== null && $tree->layer($place->parent)->kind() === 'compound')
@if ($layers === [] && $place->parent === null)
    <p class="px-1 py-2 text-ash">Nothing here yet.</p>
@else
    <ul>
        @foreach ($layers as $layer)
            <li id="item-{{ $layer->id }}" data-item="{{ $layer->id }}" data-kind="{{ $layer->kind() }}" data-parent="{{ $layer->parent }}" draggable="true" @class(['hidden-item' => $layer->hidden])>
                <div class="item-row">
                    <x-glyph :name="['box' => 'square', 'ellipse' => 'circle', 'polygon' => 'hexagon', 'line' => 'minus', 'path' => 'spline', 'text' => 'type', 'picture' => 'image', 'icon' => 'smile', 'group' => 'folder', 'compound' => 'combine', 'stack' => 'stretch-horizontal', 'array' => 'layout-grid', 'instance' => 'leaf', 'widget' => 'blocks'][$layer->kind()] ?? 'shapes'"/>
                    <span class="item-name" title="{{ $layer->name }}">{{ $layer->name }}</span>
                    @if ($operations && ! $loop->last)
                        <select class="operation" data-operation aria-label="Operation of {{ $layer->name }}" title="How it is put together with the parts below it">
                            @foreach (['union' => '∪ unite', 'subtract' => '∖ subtract', 'intersect' => '∩ intersect', 'exclude' => '⊕ exclude'] as $value => $word)<option value="{{ $value }}" @selected($layer->operation->value === $value)>{{ $word }}</option>@endforeach
                        </select>
                    @endif
                    @if ($layer->masking)<x-glyph name="scissors" class="!text-ash"/>@endif
                    @if ($layer->cues !== [])<x-glyph name="spline" class="!text-clay"/>@endif
                    <button type="button" data-mark="locked" aria-pressed="{{ $layer->locked ? 'true' : 'false' }}" aria-label="Lock {{ $layer->name }}" title="Lock"><x-glyph :name="$layer->locked ? 'pin' : 'pin-off'"/></button>
                    <button type="button" data-mark="hidden" aria-pressed="{{ $layer->hidden ? 'true' : 'false' }}" aria-label="Hide {{ $layer->name }}" title="Hide"><x-glyph :name="$layer->hidden ? 'eye-off' : 'eye'"/></button>
                </div>
                @if ($layer->isContainer())
                    @include('wall.outline', ['place' => new Kindred\Document\Place($layer->screen, $layer->id)])
                @endif
            </li>
        @endforeach
    </ul>
@endif
