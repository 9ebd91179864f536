{{-- What layers have beside the rows that are laid out by hand: each with the field that its kind of property asks for. --}}
@foreach ($further[$facet] ?? [] as $path => ['label' => $label, 'options' => $options, 'colour' => $colour])
    @if ($options !== null)<x-choice :field="$path" :label="$label" :values="$values" :options="$options"/>
    @elseif ($colour)<x-colour :field="$path" :label="$label" :value="$values[$path]['value']" :mixed="$values[$path]['mixed']"/>
    @else<div class="row"><x-number :field="$path" :label="$label" :values="$values"/></div>@endif
@endforeach
