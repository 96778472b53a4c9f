{{--
    One worksheet on the shelf, and the sets that lie with it. $worksheet, $sets, $lies: whether with its master,
    $units, $handedOut: lines by worksheet
--}}
@use('App\Models\WorksheetState')
@use('App\View\Count')
@use('App\View\OriginWords')
@php($preparing = $worksheet->state === WorksheetState::Preparing)
@php($ready = $worksheet->state === WorksheetState::Ready)
<li id="worksheet-{{ $worksheet->id }}" class="shelf__item" data-worksheet="{{ $worksheet->id }}" data-name="{{ $worksheet->name }}"
    @if ($preparing) x-data="preparing" data-url="{{ route('worksheets.progress', $worksheet) }}"
    @else draggable="true" data-assign="{{ route('units.assign', $worksheet) }}" @endif>
    <div class="shelf__row">
        <label class="shelf__pick">
            @unless ($preparing)
                <input type="checkbox" class="form-check-input" name="worksheets[]" value="{{ $worksheet->id }}"
                    form="chosen" autocomplete="off" data-choose aria-label="Choose {{ $worksheet->name }}">
            @endunless
        </label>
        <a class="shelf__link" href="{{ route('worksheets.show', $worksheet) }}" draggable="false">
            <span class="shelf__cover" aria-hidden="true">
                @if ($first = $worksheet->pages->first())
                    <x-page.small :row="$first" />
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
                    <span class="shelf__fact">{{ Count::of($worksheet->pages_total, 'page') . $shared }}.
                        {{ $lies ? OriginWords::pages($worksheet) ?? 'None of its pages are left' : OriginWords::short($worksheet) }}.</span>
                @endif
                <span class="shelf__fact" data-said-on hidden></span>
            </span>
            <span class="shelf__past">
                @foreach ($handedOut[$worksheet->id] ?? [] as $line)
                    <span class="shelf__given">{{ $line }}</span>
                @endforeach
                <span class="shelf__fact">Changed <time
                        datetime="{{ $worksheet->updated_at->toIso8601String() }}">{{ $school->spoken($worksheet->updated_at) }}</time></span>
            </span>
        </a>
        @unless ($preparing)
            <details class="menu">
                <summary class="btn btn-plain" aria-label="More for {{ $worksheet->name }}">More</summary>
                <div class="menu__list">
                    <button type="button" class="menu__verb"
                        data-rename="{{ route('worksheets.rename', $worksheet) }}">Rename</button>
                    @if ($ready)
                        <a class="menu__verb" href="{{ route('handouts.create', $worksheet) }}">Hand out</a>
                    @endif
                    @if ($units->isNotEmpty())
                        <label class="menu__field">Unit <select class="form-select" data-assign-to
                                aria-label="Unit of {{ $worksheet->name }}" autocomplete="off">
                                <option value="">in no unit</option>
                                @foreach ($units as $unit)
                                    <option value="{{ $unit->id }}" @selected($worksheet->unit_id === $unit->id)>
                                        {{ $unit->name }}
                                    </option>
                                @endforeach
                            </select></label>
                    @endif
                    <form method="post" action="{{ route('bin.store', $worksheet) }}">@csrf @method('delete')<button
                            class="menu__verb">Put in the bin</button></form>
                </div>
            </details>
        @endunless
    </div>
    @if ($sets !== [])
        <details class="shelf__sets" data-sets="{{ $worksheet->id }}" open>
            <summary>{{ Count::of(count($sets), 'set') }} cut from it</summary>
            <ul>
                @foreach ($sets as $set)
                    @include('shelf-item', ['worksheet' => $set, 'sets' => [], 'lies' => true])
                @endforeach
            </ul>
        </details>
    @endif
</li>
