@use('App\Http\Who')
@props(['title', 'bodyClass' => '', 'scripts' => []])
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, interactive-widget=resizes-content">
    <meta name="theme-color" content="#26343B">
    <meta name="limits" data-file="{{ config('slate.files.most_bytes') }}"
        data-picture="{{ config('slate.pictures.most_bytes') }}"
        data-recording="{{ config('slate.recordings.most_bytes') }}"
        data-seconds="{{ config('slate.recordings.most_seconds') }}">
    <title>{{ $title }} · Open Slate</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <script src="/first.js"></script>
    @vite(['resources/css/app.scss', 'resources/js/app.js', ...$scripts])
</head>

<body class="{{ $bodyClass }}" data-who="{{ Who::isHere() }}" {{ $attributes }}>
    <a class="skip" href="#main">Skip to the page</a>
    {{ $slot }}
</body>

</html>
