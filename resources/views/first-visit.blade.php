<x-layout.door title="First visit" :scripts="['resources/js/own-zone.js']">
    <h1>First visit</h1>
    <p>This Open Slate is new. Say which school it is for, and who you are: you are its first teacher, and of its
        office.</p>
    <form method="post" action="{{ route('welcome.open', $token) }}" class="stack" novalidate>
        @csrf
        <x-school-fields />
        <x-field name="name" label="Your name, as students know it" maxlength="80" autocomplete="name" required />
        <x-field name="email" label="Your e-mail address" type="email" autocomplete="username" required
            hint="You sign in with it." />
        <x-new-password />
        <button class="btn btn-primary btn-lg">Open the school</button>
    </form>
</x-layout.door>
