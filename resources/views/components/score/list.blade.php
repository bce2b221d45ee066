@props(['list', 'page'])
<section class="score-list" aria-labelledby="score-list-title">
    <h2 id="score-list-title">{{ __('score.as_list') }}</h2>
    <div class="columns">
        <section class="by-time" aria-labelledby="by-time">
            <h3 id="by-time">{{ __('score.by_time') }}</h3>
            <ol>@foreach ($list->byTime() as $row)<li><x-score.row :row="$row" :cook="$row['cook']" :page="$page" /></li>@endforeach</ol>
        </section>
        @foreach ($list->byCook() as $cook => $rows)
            <section class="by-cook" aria-labelledby="by-cook-{{ $loop->index }}">
                <h3 id="by-cook-{{ $loop->index }}">{{ __('score.for_cook', ['cook' => $cook]) }}</h3>
                <ol>@foreach ($rows as $row)<li><x-score.row :row="$row" cook="" :page="$page" /></li>@endforeach</ol>
            </section>
        @endforeach
    </div>
</section>
