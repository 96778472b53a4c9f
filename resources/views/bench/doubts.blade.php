{{-- Pages of which it is not sure what they are for. $sheet: App\View\ContactSheet --}}
@use('App\View\Count')
@use('OpenSlate\Cutting\PageRange')
@if (($doubts = $sheet->doubts()) !== [])
    <p class="ledger__hint doubts">To look at: {{ count($doubts) === 1 ? 'page' : 'pages' }} {{ PageRange::format($doubts) }}. It
        is not certain what {{ count($doubts) === 1 ? 'it is' : 'they are' }} for. <button type="button"
            class="btn btn-plain" data-tick="{{ implode(',', array_keys($doubts)) }}">Tick
            {{ count($doubts) === 1 ? 'it' : 'them' }}</button></p>
@endif
