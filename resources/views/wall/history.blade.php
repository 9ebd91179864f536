@if ($steps->isEmpty())
    <p class="text-ash">Nothing has been done here yet. Every step will be listed, newest first.</p>
@else
    <p class="mb-2 text-ash">{{ $undo ? "Undo takes back “{$undo}”." : 'You have nothing to undo.' }} @if ($redo) Redo makes “{{ $redo }}” again. @endif</p>
    <ol class="grid max-h-[52vh] gap-px overflow-auto" reversed>
        @foreach ($steps as $step)
            <li @class(['flex gap-3 border-b border-rule py-1', 'text-ash line-through' => $step->undone && $step->kind === 'edit'])>
                <span class="flex-1">{{ $step->label }}</span><span class="text-ash">{{ $step->name }}</span>
                <span class="font-number text-[11px] text-ash">{{ Illuminate\Support\Carbon::parse($step->created_at)->format('H:i:s') }}</span>
            </li>
        @endforeach
    </ol>
@endif
