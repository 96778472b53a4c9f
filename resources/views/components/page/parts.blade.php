{{-- All parts of a page, where the student has put them. In mode copy they can be moved: see js/copy/model.js. --}}
@php($laid = \App\View\LaidParts::on($page, $number, $texts))
<div class="parts" @if ($mode === 'copy' && $page->hasMoves()) data-place="{{ $laid->place }}" data-kind="model" data-model="{{ $laid->model }}" @endif role="group" aria-label="Parts to move">
    @foreach ($laid->all as ['placed' => $placed, 'part' => $part, 'frame' => $frame, 'z' => $z, 'said' => $said, 'left' => $left])
        @php($home = $part->form === \OpenSlate\Page\PartForm::Connector ? $part->ends() : [[$part->frame->x, $part->frame->y], [0, 0]])
        <div class="piece piece--{{ $part->form->value }}" style="--x:{{ $frame->x }};--y:{{ $frame->y }};--w:{{ $frame->width }};--h:{{ $frame->height }};--z:{{ $z }}" @if ($mode === 'copy') data-piece="{{ $placed->key }}" data-home="{{ json_encode($part->form === \OpenSlate\Page\PartForm::Connector ? [...$home[0], ...$home[1]] : $home[0]) }}" data-level="{{ array_search($part, $page->elements(), true) + 1 }}" data-name="{{ $part->named() }}" data-joints="{{ json_encode(array_map(fn ($joint) => [$joint->id, $joint->x, $joint->y], $part->joints)) }}" @if ($part->own) data-own @endif @if ($part->locked) data-fixed role="img" @elseif ($part->form === \OpenSlate\Page\PartForm::Connector) role="group" @else role="button" tabindex="{{ $closed ? -1 : 0 }}" aria-pressed="false" @endif @else role="img" @endif aria-label="{{ $said }}">
            @include('components.page.part-drawn', ['words' => $placed->words === '' ? $part->text : $placed->words, 'ends' => $placed->end === null ? [0, 0, 0, 0] : [$placed->x - $frame->x, $placed->y - $frame->y, $placed->end[0] - $frame->x, $placed->end[1] - $frame->y]])
            @if ($part->form === \OpenSlate\Page\PartForm::Connector && $mode === 'copy' && ! $closed)@foreach ([[$placed->x, $placed->y, 'First end of '], [...($placed->end ?? [0, 0]), 'Second end of ']] as $n => $end)<i class="piece__end" data-end="{{ $n }}" style="--ex:{{ $end[0] - $frame->x }};--ey:{{ $end[1] - $frame->y }}" role="button" tabindex="0" aria-label="{{ $end[count($end) - 1].$part->named() }}"></i>@endforeach @endif
            @if ($part->stock > 1)<b class="part__left" aria-hidden="true" data-left @if ($left < 2) hidden @endif>{{ $left }}</b>@endif
        </div>
    @endforeach
</div>
