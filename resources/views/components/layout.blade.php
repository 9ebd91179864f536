@props(['title', 'fontsOf' => null, 'early' => false, 'entries' => ['resources/css/app.css', 'resources/ts/pages.ts']])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Kindred Canvas</title>
    <link rel="icon" href="data:,">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false}'>
    @if ($early)<script src="{{ asset('early.js') }}"></script>@endif
    @vite($entries)
    @if ($fontsOf)<link id="own-fonts" rel="stylesheet" data-styles="{{ route('fonts.styles', $fontsOf) }}"@if ($fontsOf->fonts) href="{{ route('fonts.styles', $fontsOf) }}?r={{ $fontsOf->sequence }}"@endif>@endif
</head>
<body {{ $attributes }}>
    {{ $slot }}
    <div id="toast" class="toast" role="status" hidden><p></p><button type="button" aria-label="Put this message away">Close</button></div>
</body>
</html>
