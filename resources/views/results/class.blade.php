<x-layout.teacher :title="'Results of ' . $class->name" at="classes">
    <main id="main" class="room room--wide">
        <div class="room__head room__head--row">
            <div>
                <p><a href="{{ route('classes.show', $class) }}">Back to the class</a></p>
                <h1>Results of {{ $class->name }}</h1>
                <p>Work that is missing {{ $school->missingWork->words() }}; what is not due yet, and what is excused, does
                    not count.</p>
            </div>
            @if ($results->columns !== [])
                <p class="verbs"><a class="btn btn-plain"
                        href="{{ route('classes.results.file', [$class, 'csv']) }}">As CSV</a> <a class="btn btn-plain"
                        href="{{ route('classes.results.file', [$class, 'xlsx']) }}">As XLSX</a> <a class="btn btn-plain"
                        href="{{ route('classes.results.gradebook', $class) }}">For a gradebook (OneRoster)</a></p>
            @endif
        </div>
        @if ($results->columns === [])
            <p class="empty"><b>Nothing that is marked was handed to this class yet.</b></p>
        @else
            <div class="results" tabindex="0" role="region" aria-label="Results">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Student</th>
                            @foreach ($results->columns as [$handout, $full])
                                <th scope="col" class="results__title"><a
                                        href="{{ route('results', $handout) }}">{{ $handout->title }}</a><small>of
                                        {{ $full->words() }}</small></th>
                            @endforeach
                            <th scope="col">Of all</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($results->rows as [$name, $earned, $share])
                            <tr>
                                <th scope="row">{{ $name }}</th>
                                @foreach ($earned as $row)
                                    <td>{{ $row?->total?->words() }}@if ($row && $row->note !== '') <small>{{ $row->note }}</small> @endif</td>
                                @endforeach
                                <td><b>{{ $share === null ? '' : round(100 * $share) . ' %' }}</b></td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </div>
        @endif
    </main>
</x-layout.teacher>
