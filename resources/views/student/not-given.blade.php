<x-layout.student title="Not here yet">
    <main id="main" class="room">
        <div class="room__head">
            <h1>You do not have this worksheet</h1>
        </div>
        <p>Your teacher has not given it to you yet, or has taken it back. Ask your teacher.</p>
        <p><a class="btn btn-primary" href="{{ route('day') }}">My day</a></p>
    </main>
</x-layout.student>
