{{-- The rules that a project goes by, and the sets of limits that it can follow. --}}
<fieldset class="conventions"><legend>Conventions</legend>
    @foreach ($conventions as $one)
        <div><button type="button" class="button" data-convention="{{ json_encode($one['commands']) }}" aria-pressed="{{ $one['followed'] ? 'true' : 'false' }}">{{ $one['label'] }}</button><p>{{ $one['source'] }}</p></div>
    @endforeach
</fieldset>
@foreach ($groups as ['group' => $group, 'rules' => $rules])
    <fieldset><legend>{{ $group->label() }}</legend>
        @foreach ($rules as $rule)
            @php([$setting, $limit] = [$settings[$rule::key()] ?? null, $rule::limit()])
            <div class="rule" data-rule="{{ $rule::key() }}">
                <label class="choice"><input type="checkbox" data-rule-part="on" @checked($setting?->on ?? true)> <span>{{ ucfirst($rule::label()) }}</span></label>
                @if ($limit)<label class="limit" title="{{ $limit->label }}{{ $limit->otherwise === '' ? '' : "; usually {$limit->otherwise}" }}"><input class="field" data-rule-part="limit" inputmode="decimal" value="{{ $setting?->limit }}" placeholder="{{ $limit->usual ?? 'usual' }}" aria-label="{{ $limit->label }}" autocomplete="off"><span>{{ trim($limit->unit) }}</span></label>@endif
                <p>{{ $rule::source() }}</p>
            </div>
        @endforeach
    </fieldset>
@endforeach
