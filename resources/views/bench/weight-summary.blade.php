{{-- What the pages for students weigh, on their way and where they are kept. $worksheet, $sheet: App\View\ContactSheet --}}
@use('App\View\Count')
@use('App\View\WeightWords')
@use('OpenSlate\Weight\PageWeight')
@php($whole = $sheet->whole($worksheet))
@if ($whole->files !== [])
    <details class="weighed" data-keep-open="weight">
        <summary>Each device loads {{ WeightWords::of($whole->loaded()) }}</summary>
        <p class="ledger__hint">That is {{ WeightWords::forClass($whole->loaded()) }} for a class of
            {{ PageWeight::CLASS_OF }}. @if ($whole->played())
                Played, its recordings are {{ WeightWords::of($whole->played()) }} more.
            @endif
            It is kept here once, {{ WeightWords::of($whole->loaded() + $whole->played()) }}, however many copies there
            are: a copy is what its student does.</p>
        <ul>
            @foreach ($sheet->forStudents($worksheet) as $page)
                @php($weight = $sheet->weight($page))
                @if ($weight->loaded())
                    <li><a href="{{ route('weight.show', $page) }}">Page {{ $page->position }}</a>
                        <span>{{ WeightWords::of($weight->loaded()) }}{{ $weight->isHeavy() ? ', heavy' : '' }}</span>
                    </li>
                @endif
            @endforeach
        </ul>
    </details>
@endif
