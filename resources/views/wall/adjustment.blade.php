{{-- What is done to all colours of a picture, a layer, or what lies behind one; `$of` is the path of it. --}}
@foreach (['brightness' => ['Brightness', '100% is as it is'], 'contrast' => ['Contrast', '100% is as it is'], 'saturate' => ['Saturation', '100% is as it is'], 'grayscale' => ['Greyscale', '0% is as it is, 100% without colour']] as $part => [$word, $hint])
    <div class="row"><x-number :field="$of.'.'.$part" :label="$word" step="5" :values="$values" :hint="$hint"/></div>
@endforeach
<x-colour :field="$of.'.tint'" label="Tint" :value="$values[$of.'.tint']['value']" :mixed="$values[$of.'.tint']['mixed']"/>
<div class="row"><x-number :field="$of.'.blur'" label="Blur" :values="$values" hint="Standard deviation, px"/></div>
