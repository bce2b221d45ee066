@props(['kind', 'id', 'name'])
@if (app(App\People\Here::class)->may(App\People\Place::Bin))
    <form method="post" action="{{ route('archive.store', [$kind, $id]) }}" class="inline">@csrf<button class="btn btn-outline-dark"
        aria-label="{{ __('bin.archive_name', ['name' => $name]) }}">{{ __('bin.archive') }}</button></form>
@endif
