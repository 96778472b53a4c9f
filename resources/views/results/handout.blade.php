<x-layout.teacher :title="'Results: ' . $handout->title" at="handouts">
    <main id="main" class="room room--wide">
        <div class="room__head room__head--row">
            <div>
                <p><a href="{{ route('desks', $handout) }}">Back to the desks</a></p>
                <h1>Results of {{ $handout->title }}</h1>
                <p>{{ $handout->classes->pluck('name')->join(', ', ' and ') }} · {{ $results->full->named() }} at most ·
                    work that is missing {{ $school->missingWork->words() }}</p>
            </div>
            @unless ($results->full->isNone())
                <p class="verbs"><a class="btn btn-plain" href="{{ route('results.file', [$handout, 'csv']) }}">As CSV</a>
                    <a class="btn btn-plain" href="{{ route('results.file', [$handout, 'xlsx']) }}">As XLSX</a></p>
            @endunless
        </div>
        <x-said />
        @if ($results->full->isNone())
            <p class="empty"><b>Nothing in it is marked.</b> Give its places points or right answers at the station “Key”.
            </p>
        @else
            <div class="results" tabindex="0" role="region" aria-label="Results">
                <table>
                    <thead>
                        <tr>
                            <th scope="col">Student</th>
                            @foreach ($results->columns as $column)
                                <th scope="col" title="{{ $column->words }}"><a
                                        href="{{ $column->address }}">{{ $column->short }}<span class="visually-hidden">:
                                            {{ $column->words }}</span></a><small>of {{ $column->full->words() }}</small>
                                </th>
                            @endforeach
                            <th scope="col">All<small>of {{ $results->full->words() }}</small></th>
                            <th scope="col">Note</th>
                        </tr>
                    </thead>
                    <tbody>
                        @php($class = null)
                        @foreach ($results->rows as $row)
                            @if ($row->class !== $class && $handout->classes->count() > 1)
                                <tr class="results__class"><th scope="rowgroup" colspan="{{ count($results->columns) + 3 }}">{{ $row->class ?: 'No class now' }}</th></tr>
                            @endif
                            @php($class = $row->class)
                            <tr>
                                <th scope="row">
                                    @if ($row->copies !== [])
                                        <a href="{{ route('desks.copy', $row->copies[0]) }}">{{ $row->student }}</a>
                                    @else
                                        {{ $row->student }}
                                    @endif
                                </th>
                                @foreach ($results->columns as $id => $column)
                                    @php($points = $row->points[$id] ?? null)
                                    <td @class([
                                        'results__full' => $points !== null && !$points->isLessThan($column->full),
                                        'results__none' => $points !== null && $points->isNone(),
                                    ])>{{ isset($row->waiting[$id]) ? '?' : $points?->words() }}</td>
                                @endforeach
                                <td><b>{{ $row->total?->words() }}</b></td>
                                <td class="results__note">{{ $row->note }}
                                    @if ($row->copies !== [] && ($row->excused || str_contains($row->note, 'missing')))
                                        <form method="post" action="{{ route('copies.excuse', $row->copies[0]) }}">@csrf<input type="hidden"
                                                name="student" value="{{ $row->studentId }}"><button
                                                class="btn btn-plain btn-sm" name="excused"
                                                value="{{ $row->excused ? 0 : 1 }}">{{ $row->excused ? 'Count it' : 'Excuse' }}<span
                                                    class="visually-hidden"> {{ $row->student }}</span></button></form>
                                    @endif
                                </td>
                            </tr>
                        @endforeach
                    </tbody>
                    <tfoot>
                        <tr>
                            <th scope="row">Facility</th>
                            @foreach ($results->columns as $column)
                                <td>{{ $column->facility() }}</td>
                            @endforeach
                            <td></td>
                            <td class="results__note">how much of it the class earned</td>
                        </tr>
                        <tr>
                            <th scope="row">Discrimination</th>
                            @foreach ($results->columns as $column)
                                <td>{{ $column->discrimination() }}</td>
                            @endforeach
                            <td></td>
                            <td class="results__note">how far it goes with the whole, from −1 to 1</td>
                        </tr>
                        <tr>
                            <th scope="row">Commonest wrong answer</th>
                            @foreach ($results->columns as $column)
                                <td class="results__wrong" dir="auto">{{ $column->misconception }}</td>
                            @endforeach
                            <td></td>
                            <td></td>
                        </tr>
                    </tfoot>
                </table>
            </div>
        @endif
    </main>
</x-layout.teacher>
