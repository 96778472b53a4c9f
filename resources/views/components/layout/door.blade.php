@props(['title', 'scripts' => []])
<x-layout.base :$title :$scripts body-class="door">
    <main id="main" class="door__leaf">
        <a class="brand brand--large" href="{{ route('home') }}">Open Slate</a>
        <p class="door__school">{{ $school->name }}</p>
        {{ $slot }}
    </main>
</x-layout.base>
