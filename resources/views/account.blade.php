@use('App\View\Count')
<x-layout.teacher title="Your account" at="account">
    <main id="main" class="room room--read">
        <div class="room__head">
            <h1>Your account</h1>
            <p>You sign in with {{ $teacher->email }}</p>
        </div>
        <x-said />
        <form method="post" action="{{ route('account.name') }}" class="inline-form" novalidate>
            @csrf @method('put')
            <x-field name="name" label="Your name, as students know it" :value="$teacher->name" maxlength="80"
                autocomplete="name" />
            <button class="btn btn-plain">Keep the name</button>
        </form>

        <section class="matter" aria-labelledby="password-title">
            <h2 id="password-title">A new password</h2>
            <form method="post" action="{{ route('account.password') }}" class="stack" novalidate>
                @csrf @method('put')
                <input type="hidden" autocomplete="username" value="{{ $teacher->email }}">
                <x-field name="current" label="The password of today" type="password"
                    autocomplete="current-password" />
                <x-new-password />
                <button class="btn btn-plain">Keep the new password</button>
            </form>
        </section>

        <section class="matter" aria-labelledby="everywhere-title">
            <h2 id="everywhere-title">Signed in somewhere else?</h2>
            <p>On a lent laptop, on the board’s computer, on a phone that is gone: this ends it everywhere but here.</p>
            <form method="post" action="{{ route('account.everywhere') }}" class="inline-form" novalidate>
                @csrf
                <x-field name="everywhere" label="Your password" type="password" autocomplete="current-password" />
                <button class="btn btn-plain">Sign out everywhere else</button>
            </form>
        </section>

        <section class="matter" id="phone" aria-labelledby="phone-title">
            <h2 id="phone-title">A code from your phone</h2>
            @if ($spares = session('spares'))
                <div class="notice notice--good notice--printed" role="status">
                    <p><b>From now on a code is asked for after your password.</b> These codes are for when the phone is
                        lost, each for once. Write them down or print this page: they are not shown again.</p>
                    <ul class="spares">
                        @foreach ($spares as $spare)
                            <li><code>{{ $spare }}</code></li>
                        @endforeach
                    </ul>
                </div>
            @endif
            @if ($teacher->second_secret)
                <p>A code is asked for after your password.
                    {{ Count::of(count($teacher->second_spares), 'code') }} on paper left.</p>
                <form method="post" action="{{ route('account.second.off') }}" class="inline-form" novalidate>
                    @csrf @method('delete')
                    <x-field name="second" label="Your password" type="password"
                        autocomplete="current-password" />
                    <button class="btn btn-plain">Ask for the password alone</button>
                </form>
            @elseif ($offered)
                <div class="paired">
                    {!! $qr !!}
                    <div class="stack">
                        <p>Let an app for such codes read this picture, or type the key:<br>
                            <code class="key-text">{{ trim(chunk_split($offered, 4, ' ')) }}</code></p>
                        <form method="post" action="{{ route('account.second.on') }}" class="inline-form"
                            novalidate>
                            @csrf @method('put')
                            <x-field name="shown" label="The six digits that it shows" inputmode="numeric"
                                maxlength="10" autocomplete="one-time-code" />
                            <button class="btn btn-primary">Turn it on</button>
                        </form>
                    </div>
                </div>
            @else
                <p>Whoever has learned your password still does not get in: a code is asked for that your phone shows,
                    another one every half minute.</p>
                <form method="post" action="{{ route('account.second.offer') }}" class="inline-form" novalidate>
                    @csrf
                    <x-field name="second" label="Your password" type="password"
                        autocomplete="current-password" />
                    <button class="btn btn-plain">Begin</button>
                </form>
            @endif
        </section>
    </main>
</x-layout.teacher>
