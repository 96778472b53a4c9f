{{-- One worksheet on the shelf. $worksheet, $units, $handedOut: lines by worksheet --}}
@use('App\Models\WorksheetState')
@use('App\View\Count')
@use('App\View\OriginWords')
@use('App\View\PictureAddress')
@php($preparing = $worksheet->state === WorksheetState::Preparing)
<li class="shelf__item" data-worksheet="{{ $worksheet->id }}" data-name="{{ $worksheet->name }}"
    data-changed="{{ $worksheet->updated_at->getTimestamp() }}"
    @if ($preparing) x-data="preparing" data-url="{{ route('worksheets.progress', $worksheet) }}"
    @else draggable="true" data-assign="{{ route('units.assign', $worksheet) }}" @endif>
    <a class="shelf__link" href="{{ route('worksheets.show', $worksheet) }}" draggable="false">
        <span class="shelf__cover" aria-hidden="true">
            @if ($backdrop = $worksheet->pages->first()?->backdrop)
                <img src="{{ PictureAddress::thumbnail($backdrop) }}" alt="" loading="lazy" draggable="false">
            @endif
        </span>
        <span class="shelf__words">
            <b class="shelf__name">{{ $worksheet->name }}</b>
            @if ($worksheet->state === WorksheetState::Failed)
                <span class="shelf__problem">Could not be prepared</span>
            @elseif ($preparing)
                <span x-text="words">{{ OriginWords::preparing($worksheet) }}</span>
                <progress max="{{ max(1, $worksheet->pages_total) }}" value="{{ $worksheet->pages_count }}"
                    x-bind:value="done" aria-label="Preparing {{ $worksheet->name }}"></progress>
            @else
                @php($shared = $worksheet->shared_with_school ? ', shared' : '')
                <span>{{ Count::of($worksheet->pages_total, 'page') . $shared }}</span>
            @endif
            <span class="shelf__origin">{{ OriginWords::short($worksheet) }}</span>
            @foreach ($handedOut[$worksheet->id] ?? [] as $line)
                <span class="shelf__origin">{{ $loop->first ? 'Handed out: ' : '' }}{{ $line }}</span>
            @endforeach
            <time class="shelf__time" datetime="{{ $worksheet->updated_at->toIso8601String() }}">
                {{ $school->brief($worksheet->updated_at) }}
            </time>
        </span>
    </a>
    @unless ($preparing)
        <div class="shelf__verbs">
            <button type="button" class="btn btn-plain" data-rename="{{ route('worksheets.rename', $worksheet) }}"
                aria-label="Rename {{ $worksheet->name }}">Rename</button>
            <form method="post" action="{{ route('bin.store', $worksheet) }}">@csrf @method('delete')<button
                    class="btn btn-plain" aria-label="Put {{ $worksheet->name }} in the bin">Bin</button></form>
            @if ($units->isNotEmpty())
                <select class="form-select" data-assign-to aria-label="Unit of {{ $worksheet->name }}"
                    autocomplete="off">
                    <option value="">No unit</option>
                    @foreach ($units as $unit)
                        <option value="{{ $unit->id }}" @selected($worksheet->unit_id === $unit->id)>
                            {{ $unit->name }}
                        </option>
                    @endforeach
                </select>
            @endif
        </div>
    @endunless
</li>
