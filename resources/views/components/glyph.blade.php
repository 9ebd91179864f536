@props(['name'])
<svg {{ $attributes->class('glyph') }} viewBox="0 0 24 24" aria-hidden="true">{!! App\View\Glyphs::shapes($name) !!}</svg>
