@php([$made, $entries] = [$plan->screen($entry), $tree->entries()])
<div class="of-entry">
    @if ($made)<span class="tie" data-fails="false">on the wall as {{ $made->name }}</span>
    @else
        <label>On <select class="field" data-entry-field="device"><option value="">the usual device</option>@foreach (Kindred\Device\Catalogue::all() as $device)<option value="{{ $device->key }}" @selected($entry->device === $device->key)>{{ $device->name }}</option>@endforeach</select></label>
        <button type="button" class="button" data-brief-do="hang">Hang on the wall</button>
    @endif
    <span class="flex flex-wrap items-center gap-x-3" role="group" aria-label="Conditions that it needs">Needs
        @foreach (Kindred\Document\ScreenCondition::cases() as $condition)<label class="flex items-center gap-1"><input type="checkbox" data-condition="{{ $condition->value }}" @checked(in_array($condition, $entry->conditions, true))> {{ $condition->label() }}</label>@endforeach
    </span>
</div>
<div class="of-entry">Leads to
    @foreach ($entry->leadsTo as $target)@if (isset($entries[$target]))<span class="tie" data-fails="false">{{ $entries[$target]->called() }} <button type="button" data-brief-do="unlead" data-target="{{ $target }}" aria-label="No more to {{ $entries[$target]->called() }}">×</button></span>@endif @endforeach
    <select class="field" data-lead-to aria-label="Leads to a screen"><option value="">a screen …</option>@foreach ($plan->rows as $row)@if ($row->id !== $entry->id && ! in_array($row->id, $entry->leadsTo, true))<option value="{{ $row->id }}">{{ $row->called() }}</option>@endif @endforeach</select>
</div>
