@props(['title', 'at', 'guide' => null])
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
    <link rel="manifest" href="/lento.webmanifest">
    <link rel="apple-touch-icon" href="/icons/lento-192.png">
    <meta name="theme-color" content="#2B211A">
    {{-- The words' own fonts come with the first bytes: nothing is set twice. --}}
    @foreach (['@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
        '@fontsource/young-serif/files/young-serif-latin-400-normal.woff2'] as $font)<link rel="preload" as="font" type="font/woff2"
        crossorigin href="{{ Illuminate\Support\Facades\Vite::asset('node_modules/' . $font) }}">
    @endforeach
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="at-{{ $at }}" data-me="{{ $me }}">
    <a class="skip" href="#page">{{ __('layout.skip') }}</a>
    <x-band :at="$at" />
    <x-rail />
    <section id="calling" class="calling" aria-label="{{ __('layout.calls.off') }}" hidden><span></span>
        <button type="button" class="btn btn-primary" data-hush data-key="q">{{ __('layout.calls.hush') }}</button></section>
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
    <div id="later" class="held set-aside" hidden data-look="{{ __('layout.later.look') }}" data-forget="{{ __('stove.aside_forget') }}"
        data-away="{{ __('layout.later.away') }}"><p>{{ __('layout.later.title') }}</p><ul></ul></div>
    </section>
    <p id="as-of" class="line-down" role="status" data-says="{{ __('layout.as_of') }}" hidden><span></span></p>
    <p id="old-note" class="line-down old-note" role="status" hidden>{{ __('layout.old') }}</p>
    <p id="calls" class="visually-hidden" aria-live="assertive"></p>
    <main id="page" tabindex="-1"><x-binned />{{ $slot }}</main>
    <x-keys :at="$guide ?? $at" />
    <dialog id="rescue-sheet" data-address="{{ route('rescue') }}" aria-label="{{ __('rescue.title') }}">
        <form method="dialog"><button class="btn btn-outline-dark">{{ __('layout.close') }}</button></form><div class="sheet-body"></div>
        </dialog>
</body>
</html>
