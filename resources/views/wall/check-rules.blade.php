{{-- The rules that a project goes by. --}}
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
