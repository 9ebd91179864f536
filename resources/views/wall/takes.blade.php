<div class="mb-3 flex flex-wrap items-center gap-3" data-keeper="{{ $keeper->id }}">
    <h2 id="takes-title" class="mr-auto text-xl">Takes of {{ $keeper->name }}</h2>
    @if (count($all) > 2)
        <span class="flex items-center gap-2" role="group" aria-label="Takes that are shown">
            @foreach ($all as $take)<label class="flex items-center gap-1"><input type="checkbox" data-with="{{ $take->id }}" @checked(in_array($take, array_column($shown, 'take'), true))> {{ $take->take->name }}</label>@endforeach
        </span>
    @endif
    <button type="button" class="button primary" data-take-do="make">New take</button>
    <button type="button" class="button" data-closes>Close</button>
</div>
@if (count($all) === 1)
    <p class="mb-4 max-w-xl">There is one take so far. A new take keeps the screen as it is now; what you change on the wall from then on is the next. Both can be seen side by side here, and the better one kept.</p>
@else
    <div class="takes" data-count="{{ count($shown) }}">
        @foreach ($shown as $i => ['take' => $take, 'picture' => $picture, 'layers' => $layers, 'remarks' => $remarks])
            @php($box = $take->box)
            <section class="take" data-take="{{ $take->id }}" aria-label="Take {{ $take->take->name }}">
                <div class="flex items-center gap-2">
                    <input class="field !w-20 font-semibold" data-set="name" value="{{ $take->take->name }}" aria-label="Name of the take" maxlength="120">
                    <span class="flex-1 text-ash">{{ $take->hangs() ? 'the keeper, on the wall' : '' }}</span>
                    @if (! $take->hangs())
                        <button type="button" class="button" data-take-do="keep" title="Hangs this take on the wall">Keep</button>
                        <button type="button" class="button quiet !px-1.5" data-take-do="delete" aria-label="Delete take {{ $take->take->name }}" title="Delete; undo brings it back"><x-glyph name="trash-2"/></button>
                    @endif
                </div>
                <div class="take-picture">
                    <svg viewBox="0 0 {{ $box->width }} {{ $box->height }}" data-width="{{ $box->width }}" data-height="{{ $box->height }}">{!! $picture !!}
                        @foreach ($layers as ['layer' => $layer, 'box' => $at, 'outer' => $outer])
                            <rect class="pickable" data-piece="{{ $layer->id }}" data-outer="{{ $outer ? 'true' : 'false' }}" x="{{ $at->x }}" y="{{ $at->y }}" width="{{ max(1, $at->width) }}" height="{{ max(1, $at->height) }}" @if ($outer) tabindex="0" role="button" aria-pressed="false" aria-label="{{ $layer->name }}" @endif/>
                        @endforeach
                    </svg>
                </div>
                <label class="label">Reason<textarea class="field" rows="2" data-set="reason" maxlength="{{ Kindred\Document\Take::MAX_REASON }}" placeholder="What is it for, why keep it or not?">{{ $take->take->reason }}</textarea></label>
                @if ($i > 0)
                    <h3 class="mt-2 text-[13px]">Against {{ $shown[0]['take']->take->name }}</h3>
                    @if ($remarks === [])<p class="text-ash">Nothing differs.</p>@endif
                    <ol class="remarks">
                        @foreach ($remarks as $remark)
                            <li tabindex="0" data-from="{{ implode(' ', $remark->from) }}" data-to="{{ implode(' ', $remark->to) }}"><b class="font-number text-[11px]">{{ $loop->iteration }}</b> {{ $remark->sentence }}</li>
                        @endforeach
                    </ol>
                @endif
            </section>
        @endforeach
    </div>
    <p class="my-2 text-ash" id="take-hint" role="status">Press on a piece of a picture to carry it to another take; press again to go deeper into a group.</p>
    <div class="mb-3 flex flex-wrap items-center gap-2" id="take-carry" hidden>
        <b data-carry-what></b> to
        @foreach ($shown as ['take' => $take])<button type="button" class="button" data-carry-to="{{ $take->id }}">{{ $take->take->name }}</button>@endforeach
        <button type="button" class="button quiet" data-take-do="unpick">Nothing</button>
    </div>
    <table class="take-table">
        <thead><tr><th scope="col">By take</th>@foreach ($shown as ['take' => $take])<th scope="col">{{ $take->take->name }}</th>@endforeach</tr></thead>
        <tbody>
            @foreach (['height' => 'Height, px', 'words' => 'Words', 'items' => 'Items', 'colours' => 'Colours', 'targets' => 'Targets', 'small' => 'Targets below the least size'] as $key => $label)
                @php($minimum = min(array_map(fn ($one) => $one['measures']->{$key}, $shown)))
                <tr><th scope="row">{{ $label }}</th>@foreach ($shown as ['measures' => $measures])<td class="font-number">{{ Kindred\Geometry\Number::text($measures->{$key}) }}@if ($measures->{$key} > $minimum) <span class="text-ash">+{{ Kindred\Geometry\Number::text($measures->{$key} - $minimum) }}</span>@endif</td>@endforeach</tr>
            @endforeach
            @foreach ($keeper->criteria as $criterion)
                <tr data-criterion="{{ $criterion }}"><th scope="row"><span class="flex items-center gap-1">{{ $criterion }} <button type="button" class="button quiet !min-h-0 !px-1" data-take-do="drop-criterion" aria-label="Remove the criterion {{ $criterion }}"><x-glyph name="x"/></button></span></th>
                    @foreach ($shown as ['take' => $take])<td><input class="field" data-judge="{{ $take->id }}" value="{{ $take->take->judgements[$criterion] ?? '' }}" maxlength="{{ Kindred\Document\Take::MAX_JUDGEMENT }}" aria-label="{{ $criterion }}, take {{ $take->take->name }}"></td>@endforeach</tr>
            @endforeach
            <tr><th scope="row" colspan="{{ count($shown) + 1 }}"><form class="flex gap-2" data-new-criterion><input class="field !w-64" name="criterion" maxlength="100" placeholder="Your own criterion, such as: calm" aria-label="New criterion"><button class="button">Add the criterion</button></form></th></tr>
        </tbody>
    </table>
@endif
@if ($prompts !== [])
    <h3 class="mt-4 mb-1 text-[14px]">Change one thing</h3>
    <p class="mb-2 text-ash">What this screen’s takes have tried least comes first. A press makes the take, with this as its reason.</p>
    <ul class="grid gap-1" id="prompts">
        @foreach ($prompts as ['aspect' => $aspect, 'words' => $words])
            <li class="flex items-center gap-2"><span class="w-16 text-ash">{{ $aspect->value }}</span><button type="button" class="button" data-take-do="make" data-reason="{{ $words }}">{{ $words }}</button></li>
        @endforeach
    </ul>
@endif
