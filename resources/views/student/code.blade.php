<x-layout.door title="Class code">
    <h1>Class code</h1>
    <form method="post" action="{{ route('class.code') }}" class="stack" novalidate>
        @csrf
        <x-field name="code" label="Type the code that your teacher gave you" autocomplete="off"
            autocapitalize="characters" spellcheck="false" maxlength="20" autofocus class="code-field" />
        <button class="btn btn-primary btn-lg">Next</button>
    </form>
    <p class="door__other"><a href="{{ route('sign-in') }}">I am a teacher</a></p>
</x-layout.door>
