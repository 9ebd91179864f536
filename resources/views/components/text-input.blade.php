@props(['name', 'label', 'type' => 'text'])
<label class="block">
    <span class="label mb-1">{{ $label }}</span>
    <input {{ $attributes->class('field !min-h-9') }} name="{{ $name }}" type="{{ $type }}" @if ($type !== 'password') value="{{ old($name) }}" @endif @error($name) aria-invalid="true" @enderror>
</label>
