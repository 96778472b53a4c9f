{{-- Parts to be cut out. $leaf: App\Exports\CutOuts, $sheet: its place in the file, $pictures --}}
@use('App\View\Lie')
@use('App\View\PartDrawing')
<div class="sheet" style="--pw:{{ $leaf->size->width }};--ph:{{ $leaf->size->height }};--paper:#fff">
    <div class="sheet__layer">
        <p class="leaf__cut">To cut out, for page {{ $leaf->number }}</p>
        @foreach ($leaf->parts as $at => [$part, $frame])
            <div class="piece piece--cut" style="{{ Lie::of($frame, 1) }}" role="img"
                aria-label="{{ $part->named() }}">
                @include('components.page.part-drawn', [
                    'words' => $part->text,
                    'ends' => PartDrawing::ends($part),
                    'as' => "cut-{$leaf->number}-{$sheet}-{$at}",
                ])
            </div>
        @endforeach
    </div>
</div>
