<x-layout.base :title="$title" body-class="door">
    <main id="main" class="door__leaf">
        <a class="brand brand--large" href="{{ route('home') }}">Open Slate</a>
        <h1>{{ $title }}</h1>
        <p>{{ $words }}</p>
        <p class="door__other"><a href="{{ route('home') }}">Go to the start</a></p>
    </main>
</x-layout.base>
