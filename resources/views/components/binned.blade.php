@error('limit')<p class="field-error binned" role="alert"><x-icon.mind /> {{ $message }}</p>@enderror
{{-- What was just thrown away or put away, by its name, and the way back. --}}
@foreach (['binned' => 'bin.back', 'archived' => 'archive.out'] as $what => $back)
    @if (session($what))
        @php([$kind, $id, $name, $points] = [...session($what), []])
        <div class="binned" role="status">
            <p>{{ __('bin.' . $what, ['name' => $name]) }}
                @foreach ($points as $which => $count)
                    {{ trans_choice('bin.points.' . $which, $count, ['count' => $count]) }}
                @endforeach</p>
            <form method="post" action="{{ route($back, [$kind, $id]) }}">@csrf<button class="btn btn-dark">{{ __('bin.undo') }}</button>
            </form>
        </div>
    @endif
@endforeach
