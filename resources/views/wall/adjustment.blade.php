{{-- What is done to all colours of a picture, a layer, or what lies behind one; `$of` is the path of it. --}}
<div class="row two wide"><x-number :field="$of.'.brightness'" label="Bright" step="5" :values="$values" hint="Brightness: 100% is as it is"/><x-number :field="$of.'.contrast'" label="Contrast" step="5" :values="$values" hint="100% is as it is"/></div>
<div class="row two wide"><x-number :field="$of.'.saturate'" label="Saturate" step="5" :values="$values" hint="Saturation: 100% is as it is"/><x-number :field="$of.'.grayscale'" label="Grey" step="5" :values="$values" hint="Greyscale: 0% is as it is, 100% without colour"/></div>
<x-colour :field="$of.'.tint'" label="Tint" :value="$values[$of.'.tint']['value']" :mixed="$values[$of.'.tint']['mixed']"/>
<div class="row"><x-number :field="$of.'.blur'" label="Blur" :values="$values" hint="Standard deviation, px"/></div>
