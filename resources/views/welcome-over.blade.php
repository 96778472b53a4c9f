<x-layout.door title="This link is over">
    <h1>This link is over</h1>
    <p>It was used, a newer one was made, or its time has passed. Ask your school’s office for a new one. If you have a
        password already, sign in with it.</p>
    <p><a class="btn btn-primary" href="{{ route('sign-in') }}">Teacher sign-in</a></p>
</x-layout.door>
