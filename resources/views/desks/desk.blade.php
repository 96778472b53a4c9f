{{--
    One copy among the desks. $copy, $edition, $pages: its frozen pages, $page: which to show (0: where the student is),
    $handout, $times: by student, $scheme: what is marked
--}}
@use('App\View\CopyWords')
@php($mine = $copy->timesAmong($times, $handout))
@php($shown = $page ?: min($copy->page, $edition->pages_count))
<li class="pupil pupil--{{ str_replace('_', '-', $copy->state->value) }}" id="desk-{{ $copy->id }}" data-copy="{{ $copy->id }}"
    data-version="{{ $copy->version }}" data-state="{{ $copy->state->value }}" data-name="{{ $copy->whose() }}"
    data-filled="{{ $copy->filled }}" data-changed="{{ $copy->changed_at?->getTimestamp() }}">
    <a href="{{ route('desks.copy', $copy) }}">
        <span class="pupil__head"><b title="{{ $copy->isShared() ? $copy->whose() . ': ' . $copy->people()->pluck('name')->join(', ') : $copy->whose() }}" data-who>{{ $copy->whose() }}</b><span
                class="pupil__state">{{ CopyWords::state($copy->standing(), $handout->lateAfter($mine)) }}</span></span>
        <x-page.sheet :page="$pages[$shown - 1]" :number="$shown" :of="$edition->pages_count"
            :texts="$copy->written()->texts()" :fills="CopyWords::fills($copy, $handout, $mine, $school)" answers
            sizes="240px" />
        @if ($copy->isShared())
            <span class="pupil__sharers">{{ CopyWords::names($copy) === $copy->whose() ? $copy->people()->count() . ' students' : CopyWords::names($copy) }}</span>
        @endif
        <span class="pupil__foot">
            <span>{{ CopyWords::tally($copy, $edition) }}</span>
            @if ($scheme !== null && !$scheme->total()->isNone())
                <span class="pupil__right">{{ $copy->marks($scheme)->right() }} right</span>
            @endif
            @if ($edition->pages_count > 1)
                <span>page {{ $shown }}</span>
            @endif
            <span>
                @if ($copy->changed_at)
                    <time datetime="{{ $copy->changed_at->toIso8601String() }}">
                        {{ $school->brief($copy->changed_at) }}
                    </time>
                @else
                    no change yet
                @endif
            </span>
        </span>
    </a>
</li>
