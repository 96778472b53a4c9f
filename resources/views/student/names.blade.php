@use('App\Models\Door')
@use('App\Models\SchoolClass')
@use('App\View\Count')
@use('App\View\PinPicture')
@php($title = $title ?? $class->name)
<x-layout.door :$title :scripts="$class->door === Door::Pictures ? ['resources/js/door.js'] : []">
    <h1>{{ $title }}</h1>
    @if ($students->isEmpty())
        <p class="empty">There are no names in this class yet. Ask your teacher.</p>
    @else
        <form method="post" action="{{ $enter ?? route('class.enter', $class) }}" class="stack" autocomplete="off" novalidate>
            @csrf
            <fieldset class="pick-name">
                <legend>Who are you? <small>({{ Count::of($students->count(), 'name') }})</small></legend>
                @error('student')
                    <p class="field__error" role="alert">{{ $message }}</p>
                @enderror
                <div class="pick-name__list">
                    @foreach ($students as $student)
                        <label><input type="radio" name="student" value="{{ $student->id }}"
                                @checked(old('student', $chosen) === (string) $student->id)>
                    <span>{{ $student->name }}</span></label>
                    @endforeach
                </div>
            </fieldset>
            @if ($class->door !== Door::Open)
                @if ($class->door === Door::Pictures)
                    <fieldset class="pin-pad" data-pin-pad hidden>
                        <legend>Your pictures, one after the other</legend>
                        <p class="pin-pad__shown"><span data-pin-shown></span><button type="button" class="btn btn-plain"
                                data-pin-back>Take one back</button></p>
                        <p class="visually-hidden" role="status" data-pin-told></p>
                        <div class="pin-pad__pictures">
                            @foreach (PinPicture::cases() as $picture)
                                <button type="button" data-pin-digit="{{ $picture->value }}"
                                    aria-label="{{ $picture->words() }}"><x-pin-picture :is="$picture"
                                        :said="false" /></button>
                            @endforeach
                        </div>
                        @error('pin')
                            <p class="field__error" role="alert">{{ $message }}</p>
                        @enderror
                    </fieldset>
                @endif
                <x-field name="pin" label="Your PIN" type="password" inputmode="numeric" autocomplete="off"
                    :maxlength="SchoolClass::LONGEST_PIN" class="code-field" />
            @endif
            <button class="btn btn-primary btn-lg">Come in</button>
        </form>
    @endif
    <p class="door__other"><a href="{{ route('class.code') }}">Another class</a></p>
</x-layout.door>
