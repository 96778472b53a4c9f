{{-- What was cut from a worksheet, named when somebody asks. $worksheet with sets loaded, $said --}}
@use('App\View\Count')
@use('App\View\ShelfRow')
<details class="locked__sets">
    <summary><b>{{ $said }}</b> <span>{{ Count::of($worksheet->sets->count(), 'set') }}</span></summary>
    <ul>
        @foreach (ShelfRow::inOrder($worksheet->sets) as $set)
            <li><a href="{{ route('worksheets.show', $set) }}">{{ $set->name }}</a></li>
        @endforeach
    </ul>
</details>
