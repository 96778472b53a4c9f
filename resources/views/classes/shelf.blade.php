@use('App\View\Count')
<x-layout.teacher :title="'Shelf of ' . $class->name" at="classes">
    <main id="main" class="room room--read">
        <div class="room__head">
            <p><a href="{{ route('classes.show', $class) }}">{{ $class->name }}</a></p>
            <h1>Class shelf</h1>
            <p>What the class may read at any time. Whoever wants to write on it takes a copy, which you see on the
                desks.</p>
        </div>
        <x-said />
        @if ($units === [])
            <p class="empty"><b>Nothing is on the shelf.</b> Choose worksheets below.</p>
        @endif
        @foreach ($units as $unit => $items)
            <h2 class="day__group">{{ $unit === '' ? 'In no unit' : $unit }}</h2>
            <ul class="people">
                @foreach ($items as $item)
                    <li>
                        <div class="people__who"><b>{{ $item->edition->name }}</b>
                            @if ($item->copies_count > 0)
                                <a href="{{ route('desks', ['handout' => $item->handout_id, 'item' => $item->id]) }}">{{ Count::of($item->copies_count, 'copy', 'copies') }}
                                    taken<span class="visually-hidden"> of {{ $item->edition->name }}</span></a>
                            @else
                                <span>no copy taken</span>
                            @endif
                        </div>
                        <form method="post" action="{{ route('class-shelf.destroy', [$class, $item]) }}">@csrf
                            @method('delete')<button class="btn btn-plain">Take it off<span class="visually-hidden">:
                                    {{ $item->edition->name }}</span></button></form>
                    </li>
                @endforeach
            </ul>
        @endforeach
        <section class="matter" aria-labelledby="put-title">
            <h2 id="put-title">Put worksheets there</h2>
            <p>As they are now. One that is there already is put there anew; copies that were taken stay as they are.</p>
            @error('worksheets')
                <p class="field__error" role="alert">{{ $message }}</p>
            @enderror
            <form method="post" action="{{ route('class-shelf.store', $class) }}">
                @csrf<x-once />
                @foreach ($worksheets as $unit => $some)
                    <fieldset class="ways-in ways-in--many">
                        <legend>{{ $unit === '' ? 'In no unit' : $unit }}</legend>
                        @foreach ($some as $worksheet)
                            <label><input type="checkbox" name="worksheets[]" value="{{ $worksheet->id }}">
                                {{ $worksheet->name }}</label>
                        @endforeach
                    </fieldset>
                @endforeach
                <button class="btn btn-primary">Put them on the shelf</button>
            </form>
        </section>
    </main>
</x-layout.teacher>
