@props(['page'])
<ul class="weigh-list" aria-label="{{ __('stove.now_weigh') }}">
    @foreach ($page->sheet->amounts as $amount)
        <li><b>{{ $page->weighOut()->weight($amount) }}</b> <span>{{ $page->weighOut()->ingredient($amount) }}</span> <small>{{ App\Format\StepWords::when($amount->when) }}</small></li>
    @endforeach
</ul>
