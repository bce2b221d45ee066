@props(['title'])
{{-- Before anybody is known: neither the rail nor the kitchen's name is anybody's. --}}
<!doctype html>
<html lang="en" data-bs-theme="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $title }} · Lento</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss', 'resources/js/app.js'])
</head>
<body class="at-door">
    <header class="band"><span class="brand"><x-icon.brand /></span></header>
    <div class="roux-line" aria-hidden="true"></div>
    <main id="page" class="door" tabindex="-1">
        <h1>{{ $title }}</h1>
        {{ $slot }}
    </main>
</body>
</html>
