{{-- Where the database is what failed: neither the rail nor the kitchen's name can be had. --}}
<!doctype html>
<html lang="en" data-bs-theme="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Lento</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/scss/app.scss'])
</head>
<body class="at-error">
    <main id="page"><x-error :title="$title" :what="$what" :action="$action" :back="$back" :sent="$sent" :typed="$typed" /></main>
</body>
</html>
