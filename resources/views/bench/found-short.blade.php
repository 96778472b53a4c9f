{{-- What may be wrong with what is about to be handed out, in short. $found: worksheets with findings --}}
@use('App\View\FoundRow')
@if ($found !== [])
    <div class="found-short">
        <b>To mend first, or to leave as it is:</b>
        <ul>
            @foreach ($found as [$worksheet, $findings])
                @foreach (array_slice($findings, 0, FoundRow::MOST_IN_SHORT) as $finding)
                    <li>{{ count($found) > 1 ? "{$worksheet->name}: " : '' }}{{ $finding->page === null ? '' : "page {$finding->page}: " }}{{ $finding->words }}
                        @if ($finding->code === 'master')
                            @foreach ($worksheet->sets->take(FoundRow::MOST_IN_SHORT) as $set)
                                <a class="found-short__set" href="{{ route('handouts.create', $set) }}">Hand out
                                    “{{ $set->name }}” instead</a>
                            @endforeach
                        @endif
                    </li>
                @endforeach
                @php($more = count($findings) - FoundRow::MOST_IN_SHORT)
                <li><a href="{{ route('check', $worksheet) }}">{{ $more > 0 ? "{$more} more, and where to mend them" : 'Where to mend it' }}<span
                            class="visually-hidden"> in {{ $worksheet->name }}</span></a></li>
            @endforeach
        </ul>
    </div>
@endif
