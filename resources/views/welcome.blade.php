<x-layout.door title="Choose a password">
    <h1>{{ $teacher->joined_at ? 'A new password' : 'Welcome' }}</h1>
    <form method="post" action="{{ route('welcome.choose', $token) }}" class="stack" novalidate>
        @csrf
        <x-field name="name" label="Your name, as students know it" :value="$teacher->name" maxlength="80"
            autocomplete="name" required />
        <p class="field__said">You sign in with <b>{{ $teacher->email }}</b></p>
        <input type="hidden" autocomplete="username" value="{{ $teacher->email }}">
        <x-new-password />
        <button class="btn btn-primary btn-lg">Keep it and come in</button>
    </form>
</x-layout.door>
