@props(['page'])
<ul class="weigh-list" aria-label="{{ __('stove.now_weigh') }}">
    @foreach ($page->weighList()->lines() as $line)
        <li><b>{{ $line['weight'] }}</b> <span>{{ $line['ingredient'] }}</span> <small>{{ $line['when'] }}</small></li>
    @endforeach
</ul>
