{{-- All parts of a page, where the student has put them. In mode copy they can be moved: see js/copy/model.js. --}}
@use('App\View\LaidParts')
@use('App\View\Lie')
@use('App\View\PictureAddress')
@php($laid = LaidParts::on($page, $number, $texts))
<div class="parts" role="group" aria-label="Parts to move{{ $of > 1 ? " on page {$number}" : '' }}"
    @if ($mode === 'copy' && $page->hasMoves())
        data-place="{{ $laid->place }}" data-kind="model" data-model="{{ $laid->model }}"
        data-to-place="{{ $laid->toPlace() }}" @if ($laid->countsEach()) data-each @endif
        @unless ($closed) data-guides="{{ json_encode($laid->guides()) }}" @endunless
    @endif
>
    @foreach ($laid->all as $one)
        @php($part = $one->part)
        <div @class(['piece piece--' . $part->form->value, 'is-under' => $one->under])
            style="{{ Lie::of($one->frame, $one->z) }}"
            @if ($mode === 'copy')
                data-piece="{{ $one->placed->id }}" data-home="{{ json_encode($one->home()) }}"
                data-level="{{ $one->level }}" data-name="{{ $part->named() }}"
                data-joints="{{ json_encode($one->joints()) }}"
                @if ($part->takesPicture())
                    data-picture data-set="{{ json_encode(array_map(PictureAddress::of(...), $part->set)) }}"
                    data-source="{{ $part->source }}"
                @elseif ($part->own)
                    data-own
                @endif
                @if ($part->locked) data-fixed role="img"
                @elseif ($one->isConnector()) role="group"
                @else role="button" tabindex="{{ $closed ? -1 : 0 }}" aria-pressed="false"
                @endif
            @else
                role="img"
            @endif
            aria-label="{{ $one->said }}">
            @include('components.page.part-drawn', [
                'frame' => $one->frame,
                'as' => "head-{$number}-{$one->placed->id}",
                'picture' => $one->placed->words,
                'words' => $one->words(),
                'ends' => $one->ends(),
            ])
            @if ($one->isConnector() && $mode === 'copy' && !$closed)
                @foreach ($one->grips() as $n => $grip)
                    <i @class(['piece__end', 'piece__end--tip' => $grip['tip']]) data-end="{{ $n }}"
                        style="{{ $grip['style'] }}" role="button" tabindex="0" aria-pressed="false"
                        aria-label="{{ $grip['said'] }}"></i>
                @endforeach
            @endif
            @if ($part->stock > 1)<b class="part__left" aria-hidden="true"
                    data-left @if ($one->left < 2) hidden @endif>{{ $one->left }}</b>@endif
        </div>
    @endforeach
</div>
