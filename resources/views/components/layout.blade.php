@props(['title', 'at'])
<!doctype html>
<html lang="en" data-bs-theme="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @isset($latest)<meta name="lento-latest" content="{{ $latest }}">@endisset
    <meta name="htmx-config" content='{"includeIndicatorCSS":false,"defaultTimeout":20000,"morphIgnore":["data-htmx-powered","open"]}'>
    <title>{{ $title }} · Lento</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="at-{{ $at }}">
    <a class="skip" href="#page">{{ __('layout.skip') }}</a>
    <x-band :at="$at" />
    <x-rail />
    <p id="held" class="held" role="status" data-one="{{ trans_choice('stove.held', 1, ['count' => ':count']) }}"
        data-many="{{ trans_choice('stove.held', 2, ['count' => ':count']) }}" hidden></p>
    {{-- Taps that could not be taken: they hold up nothing, and nothing of them is lost. --}}
    <section class="set-asides" aria-label="{{ __('stove.aside_title') }}">
    <details id="aside" class="held set-aside" hidden data-one="{{ trans_choice('stove.aside', 1, ['count' => ':count']) }}"
        data-many="{{ trans_choice('stove.aside', 2, ['count' => ':count']) }}" data-forget="{{ __('stove.aside_forget') }}"
        data-sent="{{ __('stove.aside_sent') }}">
        <summary></summary>
        <p>{{ __('stove.aside_what') }}</p>
        <ul></ul>
        <button type="button" class="btn btn-dark" data-again>{{ __('stove.aside_again') }}</button>
    </details>
    </section>
    <p id="calls" class="visually-hidden" aria-live="assertive"></p>
    <main id="page" tabindex="-1"><x-binned />{{ $slot }}</main>
    <x-keys />
    <dialog id="rescue-sheet" data-address="{{ route('rescue') }}" aria-label="{{ __('rescue.title') }}">
        <form method="dialog"><button class="btn btn-outline-dark">{{ __('layout.close') }}</button></form><div class="sheet-body"></div>
        </dialog>
</body>
</html>
