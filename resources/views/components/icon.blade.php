@props(['name'])
<svg class="icon" viewBox="0 0 20 20" width="18" height="18" aria-hidden="true" fill="none" stroke="currentColor"
    stroke-width="2">
    @switch($name)
        @case('undo')
            <path d="M7 4 3 8l4 4M3 8h9a5 5 0 0 1 0 10H8" />
        @break

        @case('redo')
            <path d="m13 4 4 4-4 4M17 8H8a5 5 0 0 0 0 10h4" />
        @break

        @case('plus')
            <path d="M10 3v14M3 10h14" />
        @break

        @case('minus')
            <path d="M3 10h14" />
        @break
    @endswitch
</svg>
