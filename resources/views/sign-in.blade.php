<x-layout.door title="Teacher sign-in">
    <h1>Teacher sign-in</h1>
    <x-said />
    <form method="post" action="{{ route('sign-in') }}" class="stack" novalidate>
        @csrf
        <x-field name="email" label="E-mail address" type="email" autocomplete="username" autofocus required />
        <x-field name="password" label="Password" type="password" autocomplete="current-password" required />
        <button class="btn btn-primary btn-lg">Sign in</button>
    </form>
    <p class="door__other">Forgot your password? The office of your school gives you a link for a new one.</p>
    <p class="door__other"><a href="{{ route('class.code') }}">I am a student</a></p>
</x-layout.door>
