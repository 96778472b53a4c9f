@use('App\View\HandoutWords')
<x-layout.teacher :title="'As students see it: ' . $handout->title" at="handouts">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('desks', $handout) }}">{{ $handout->title }}</a></p>
            <h1>As students see it</h1>
            @if ($out = HandoutWords::out($handout, $school))
                <p>Nobody has it yet: {{ $out }}.</p>
            @endif
        </div>
        @if ($as === null)
            <p class="empty"><b>It is for nobody yet.</b> Change it first, and say who gets it.</p>
        @else
            <form method="get" class="verbs seen__as">
                <label for="student">As</label>
                <select id="student" name="student" class="form-select">
                    @foreach ($students as $student)
                        <option value="{{ $student->id }}" @selected($student->is($as))>{{ $student->name }}</option>
                    @endforeach
                </select>
                <button class="btn btn-plain" name="on" value="laptop"
                    @if (!$onPhone) aria-pressed="true" @endif>on a laptop</button>
                <button class="btn btn-plain" name="on" value="phone"
                    @if ($onPhone) aria-pressed="true" @endif>on a phone</button>
                <span>What you do in it is thrown away.</span>
            </form>
            <iframe @class(['seen', 'seen--phone' => $onPhone]) src="{{ route('trial.day') }}"
                title="What {{ $as->name }} sees, on a {{ $onPhone ? 'phone' : 'laptop' }}"></iframe>
        @endif
    </main>
</x-layout.teacher>
