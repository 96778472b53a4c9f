{{-- The pages of the worksheet, to go to. $worksheet, $row: where one is, $route: of the station --}}
@use('App\View\PictureAddress')
<nav class="rail" aria-label="Pages" @if ($worksheet->pages->count() === 1) hidden @endif>
    @foreach ($worksheet->pages as $other)
        <a href="{{ route($route, [$worksheet, $other->position]) }}"
            @if ($other->is($row)) aria-current="page" @endif>
            @if ($other->backdrop)
                <img src="{{ PictureAddress::thumbnail($other->backdrop) }}" alt="" loading="lazy">
            @else
                @php($its = $other->current->page())<i class="rail__blank" @style([
                    "aspect-ratio:{$its->size->width}/{$its->size->height}",
                    "background:{$its->paper->hex}",
                ])></i>
            @endif
            <span>{{ $other->position }}</span>
        </a>
    @endforeach
</nav>
