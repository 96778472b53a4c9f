{{-- A file of sheets that came back on paper, while it is read or where it could not be. $item, $paper --}}
@use('App\Models\ExportState')
<li class="leaving__row" @if ($paper->state->isUnderWay()) data-made-at="{{ route('on-paper.file', [$item, $paper]) }}" @endif>
    <span class="leaving__what"><b dir="auto">{{ $paper->name }}</b> <span role="status"
            @class(['field__error' => $paper->state === ExportState::Refused])>
            @switch($paper->state)
                @case(ExportState::Waiting)
                    waits its turn
                @break

                @case(ExportState::Working)
                    {{ $paper->total === 0 ? 'is being read' : "{$paper->done} of {$paper->total} pages read" }}
                @break

                @case(ExportState::Ready)
                    is read
                @break

                @default
                    {{ $paper->problem }}
            @endswitch
        </span></span>
</li>
