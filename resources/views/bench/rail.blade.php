{{-- The pages of the worksheet, to go to. $worksheet, $row: where one is, $route: of the station --}}
<nav class="rail" aria-label="Pages" data-scrolls="rail {{ $worksheet->id }}" @if ($worksheet->pages->count() === 1) hidden @endif>
    @foreach ($worksheet->pages as $other)
        <a href="{{ route($route, [$worksheet, $other->position]) }}"
            @if ($other->is($row)) aria-current="page" @endif>
            <x-page.small :row="$other" />
            <span>{{ $other->position }}</span>
        </a>
    @endforeach
</nav>
