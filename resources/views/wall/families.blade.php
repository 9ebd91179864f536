@foreach ($families as $family => $weights)
    <option value="{{ $family }}" data-weights="{{ implode(' ', $weights) }}">{{ $family }}</option>
@endforeach
