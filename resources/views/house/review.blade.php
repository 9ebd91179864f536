{{-- What is new in a library, in sentences. --}}
<form class="offer" data-part="take" data-as="{{ $library->id }}">
    <h3>New in {{ $library->name }}</h3>
    @if ($updates === [])<p class="text-ash">Nothing is otherwise there than it was taken.</p>@endif
    @foreach ($updates as $one)
        <fieldset><legend><label class="choice"><input type="checkbox" name="keys" value="{{ $one->good->key() }}" @checked(! $one->changed)> <b>{{ $one->good->name }}</b></label></legend>
            @foreach ($one->sentences as $sentence)<p>{{ $sentence }}</p>@endforeach
            @if ($one->changed)<p class="text-plum">It was changed here too; that would be taken back.</p>@endif
        </fieldset>
    @endforeach
    @if ($updates !== [])<p class="flex justify-end"><button class="button primary">Update</button></p>@endif
</form>
