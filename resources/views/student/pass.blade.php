{{-- The door of a pass for one student, or for whoever gives a name. $pass: App\Models\Pass --}}
@use('App\Models\PassKind')
<x-layout.door :title="$pass->handout->title">
    <h1>{{ $pass->handout->title }}</h1>
    <form method="post" action="{{ route('pass.enter', $pass->code) }}" class="stack" autocomplete="off" novalidate>
        @csrf
        @if ($pass->kind === PassKind::Personal)
            <p class="door__you">This is for <b>{{ $pass->student?->name }}</b>.</p>
            <button class="btn btn-primary btn-lg">That is me</button>
        @else
            <x-once />
            <x-field name="name" label="Your name" maxlength="80" autocomplete="off" required />
            <x-field name="pin" label="Were you here before? Then your number" inputmode="numeric" maxlength="20"
                autocomplete="off" class="code-field" hint="The first time you have none: leave it empty." />
            <button class="btn btn-primary btn-lg">Open my copy</button>
        @endif
    </form>
</x-layout.door>
