{{-- The board as it would be, with its places to put options into. $board: ChoiceBoard, $page --}}
@use('App\View\Lie')
@use('OpenSlate\Boards\BoardPage')
<div class="board" style="--pw:{{ $page->size->width }};--ph:{{ $page->size->height }}">
    <x-page.sheet :$page sizes="640px" />
    <div class="board__places">
        @php($places = BoardPage::places(count($board->places), $page->size, $board->directions !== ''))
        @foreach ($places as $index => $frame)
            @php($option = $board->placed()[$index])
            <div role="button" tabindex="0" id="place-{{ $index + 1 }}"
                @class(['place', 'place--empty' => $option === null])
                data-place="{{ $index + 1 }}" data-option="{{ $option?->id }}"
                draggable="{{ $option === null ? 'false' : 'true' }}" style="{{ Lie::of($frame) }}"
                aria-label="Place {{ $index + 1 }}: {{ $option === null ? 'empty' : $option->name }}"><span
                    aria-hidden="true">{{ $option === null ? 'Place ' . ($index + 1) : $index + 1 }}</span></div>
        @endforeach
    </div>
</div>
