{{-- A transition between two small screens, played when it has changed and while the pointer or the keyboard is on it. --}}
@props(['transition', 'tall' => true])
@php
    $plan = Kindred\Motion\TransitionPlan::of($transition)->toArray();
@endphp
<button type="button" {{ $attributes->class(['miniature', 'tall' => $tall]) }} data-plan="{{ json_encode($plan) }}" data-above="{{ $plan['above'] }}" aria-label="Play the transition in small" title="Play it in small">
    <i data-subject="leaving"></i><i data-subject="arriving"></i>@if ($transition->kind === Kindred\Document\Cue\TransitionKind::Match)<i data-subject="carried"></i>@endif
</button>
