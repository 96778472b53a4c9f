@foreach ($worksheet->pages as $row)
    @php($content = $row->current->page())
    @if ($content->backdrop)
        <li><button type="button" data-clip-choose="{{ $row->id }}" data-width="{{ $content->size->width }}"
                data-height="{{ $content->size->height }}" aria-label="Page {{ $row->position }}"><x-page.sheet
                    :page="$content->withElements([])" :number="$row->position"
                    sizes="120px" /><span>{{ $row->position }}</span></button></li>
    @endif
@endforeach
