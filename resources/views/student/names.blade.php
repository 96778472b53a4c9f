@use('App\View\Count')
<x-layout.door :title="'Class ' . $class->name">
    <h1>{{ $class->name }}</h1>
    @if ($students->isEmpty())
        <p class="empty">There are no names in this class yet. Ask your teacher.</p>
    @else
        <form method="post" action="{{ route('class.enter', $class) }}" class="stack" autocomplete="off" novalidate>
            @csrf
            <fieldset class="pick-name">
                <legend>Who are you? <small>({{ Count::of($students->count(), 'name') }})</small></legend>
                @error('student')
                    <p class="field__error" role="alert">{{ $message }}</p>
                @enderror
                <div class="pick-name__list">
                    @foreach ($students as $student)
                        <label><input type="radio" name="student" value="{{ $student->id }}"
                                @checked(old('student') === (string) $student->id)>
                    <span>{{ $student->name }}</span></label>
                    @endforeach
                </div>
            </fieldset>
            <x-field name="pin" label="Your PIN" type="password" inputmode="numeric" autocomplete="off"
                maxlength="20" class="code-field" />
            <button class="btn btn-primary btn-lg">Come in</button>
        </form>
    @endif
    <p class="door__other"><a href="{{ route('class.code') }}">Another class</a></p>
</x-layout.door>
