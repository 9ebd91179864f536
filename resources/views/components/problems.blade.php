@if ($errors->any())
    <div role="alert" class="border-l-4 border-clay bg-white px-3 py-2">
        @foreach ($errors->all() as $error)<p>{{ $error }}</p>@endforeach
    </div>
@endif
