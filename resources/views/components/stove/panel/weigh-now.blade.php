@props(['page'])
<ul class="weigh-list now" aria-label="{{ __('stove.now_weigh') }}">
    @foreach ($page->weighList()->of($page->course->step()) as $line)
        <li><b>{{ $line['weight'] }}</b> <span>{{ $line['ingredient'] }}</span></li>
    @endforeach
</ul>
