<x-layout.door title="The code of your phone">
    <h1>The code of your phone</h1>
    <form method="post" action="{{ route('sign-in.code') }}" class="stack" novalidate>
        @csrf
        <x-field name="shown" label="Six digits, or one of your codes on paper" inputmode="text" maxlength="40"
            autocomplete="one-time-code" autocapitalize="none" spellcheck="false" autofocus required />
        <button class="btn btn-primary btn-lg">Come in</button>
    </form>
    <p class="door__other"><a href="{{ route('sign-in') }}">Begin again</a>. No phone and no paper? The office lets you
        in with the password alone.</p>
</x-layout.door>
