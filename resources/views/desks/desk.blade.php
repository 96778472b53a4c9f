{{--
    One copy among the desks. $copy, $edition, $pages: its frozen pages, $page: which to show (0: where the student is),
    $handout, $times: by student
--}}
@use('App\View\CopyWords')
@php($mine = $times[$copy->student_id] ?? $handout->times())
@php($shown = $page ?: min($copy->page, $edition->pages_count))
<li class="pupil pupil--{{ str_replace('_', '-', $copy->state->value) }}" id="desk-{{ $copy->id }}" data-copy="{{ $copy->id }}"
    data-version="{{ $copy->version }}" data-state="{{ $copy->state->value }}" data-name="{{ $copy->student->name }}"
    data-filled="{{ $copy->filled }}" data-changed="{{ $copy->changed_at?->getTimestamp() }}">
    <a href="{{ route('desks.copy', $copy) }}">
        <span class="pupil__head"><b title="{{ $copy->student->name }}" data-who>{{ $copy->student->name }}</b><span
                class="pupil__state">{{ CopyWords::state($copy->standing(), $handout->lateAfter($mine)) }}</span></span>
        <x-page.sheet :page="$pages[$shown - 1]" :number="$shown" :of="$edition->pages_count"
            :texts="$copy->written()->texts()" :fills="CopyWords::fills($copy, $handout, $mine, $school)" answers
            sizes="240px" />
        <span class="pupil__foot">
            <span>{{ $copy->filled }} of {{ $edition->places_count }} filled</span>
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
