{{-- What was written on a page when it was marked. $marks: list of App\View\PlaceMark; $page; $marking: by buttons --}}
@use('App\View\MarkingWords')
@foreach ($marks as $mark)
    @continue(!$mark->isMarked && $mark->right === '')
    <div @class([
        'mark',
        // Where answers are shown before marks are, nothing says how an answer was judged.
        'mark--' . $mark->mark->verdict->value => $mark->isMarked,
        'mark--hand' => $mark->isMarked && $mark->mark->byHand,
        'mark--end' => $mark->isAtEnd($page->size->width),
    ]) style="{{ $mark->at($page->size->width) }}">
        @if ($marking)
            <button type="button" class="mark__sign" data-mark="{{ $mark->place }}" data-name="{{ $mark->name }}"
                data-full="{{ $mark->full->words() }}" data-points="{{ $mark->points() }}"
                data-waits="{{ $mark->mark->waits() ? 'yes' : 'no' }}" data-by="{{ MarkingWords::by($mark->mark) }}"
                data-comment="{{ collect($mark->comments)->whereNull('sound')->firstWhere('teacher_id', auth('teacher')->id())?->words }}"
                @if (collect($mark->comments)->whereNotNull('sound')->firstWhere('teacher_id', auth('teacher')->id())) data-has-sound @endif
                aria-label="{{ $mark->said() }}, {{ MarkingWords::by($mark->mark) }}"
                aria-haspopup="dialog">{{ $mark->sign() }}<b>{{ $mark->points() }}</b></button>
        @elseif ($mark->isMarked)
            <span class="mark__sign" role="img" aria-label="{{ $mark->said() }}">{{ $mark->sign() }}<b
                    aria-hidden="true">{{ $mark->points() }}</b></span>
        @endif
        @if ($mark->right !== '')
            <p class="mark__right">Right: <span dir="auto">{{ $mark->right }}</span></p>
        @endif
        @foreach ($mark->comments as $comment)
            <x-remark :$comment />
        @endforeach
    </div>
@endforeach
