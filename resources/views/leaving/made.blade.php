{{-- The files that were made to leave. $made: list of App\View\ExportRow --}}
<section class="leaving__made" aria-label="Made">
    @if ($made !== [])
        <h3>Made today</h3>
        <ul>
            @foreach ($made as $row)
                @include('leaving.made-row')
            @endforeach
        </ul>
        <p class="ledger__hint">They are thrown away after a day.</p>
    @endif
</section>
