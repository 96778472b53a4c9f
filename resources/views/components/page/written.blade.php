{{--
    What a teacher wrote on a page beside its places: words at spots, and with pens. $written: list of
    App\Models\Comment; $page, $number; $marking: by buttons, and the teacher's own pens
--}}
@use('App\View\InkPaths')
@use('OpenSlate\Answers\Ink')
@php($me = auth('teacher')->id())
@php($drawn = collect($written)->whereNotNull('ink'))
@php($own = $marking ? $drawn->firstWhere('teacher_id', $me) : null)
@if ($drawn->isNotEmpty() || $marking)
    <div class="overwritten" @if ($marking) data-ink-layer @endif>
        @if (($others = $drawn->reject(fn ($one) => $one === $own))->isNotEmpty())
            <svg class="ink" viewBox="0 0 {{ $page->size->width }} {{ $page->size->height }}" role="img"
                aria-label="Your teacher has drawn here">
                @foreach ($others as $one)
                    @foreach (InkPaths::of($one->ink) as $path)
                        <path d="{{ $path['d'] }}" stroke="{{ $path['colour'] }}" stroke-width="{{ $path['width'] }}"
                            @if ($path['opacity'] < 1) stroke-opacity="{{ $path['opacity'] }}" @endif />
                    @endforeach
                @endforeach
            </svg>
        @endif
        @if ($marking)
            <svg class="ink" viewBox="0 0 {{ $page->size->width }} {{ $page->size->height }}" role="img"
                data-page-ink="{{ $number }}" data-place="page-{{ $number }}" data-ink="{{ $own?->ink }}"
                data-holds="{{ Ink::MOST_STROKES }} {{ Ink::MOST_POINTS }}"
                aria-label="Your pen on page {{ $number }}: {{ $own === null ? 'nothing drawn yet' : 'a drawing' }}">
                @foreach (InkPaths::of($own->ink ?? '') as $path)
                    <path d="{{ $path['d'] }}" stroke="{{ $path['colour'] }}" stroke-width="{{ $path['width'] }}"
                        @if ($path['opacity'] < 1) stroke-opacity="{{ $path['opacity'] }}" @endif />
                @endforeach
            </svg>
        @endif
    </div>
@endif
@foreach (collect($written)->whereNull('ink') as $one)
    <div class="spot-note" style="left:{{ ($one->x / $page->size->width) * 100 }}%;top:{{ ($one->y / $page->size->height) * 100 }}%">
        @if ($marking && $one->teacher_id === $me)
            <button type="button" class="mark__words spot-note__words" dir="auto" data-note="{{ $one->id }}" data-x="{{ $one->x }}"
                data-y="{{ $one->y }}" data-page-number="{{ $number }}" aria-haspopup="dialog">{{ $one->words }}</button>
        @else
            <p class="mark__words spot-note__words" dir="auto">{{ $one->words }}</p>
        @endif
    </div>
@endforeach
