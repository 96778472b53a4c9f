{{-- A master from which sets were cut is locked. $worksheet with sets loaded, $locked --}}
@if ($locked)
    <div class="notice locked"><p><b>This is locked</b>, so that what was cut from it can be relied on: {{ $worksheet->sets->pluck('name')->join(', ', ' and ') }}.</p>
        <form method="post" action="{{ route('unlock', $worksheet) }}">@csrf<button class="btn btn-plain">Unlock to change it</button></form></div>
@elseif ($worksheet->sets->isNotEmpty())
    <div class="notice locked"><p><b>Unlocked.</b> What you change here is offered to {{ $worksheet->sets->pluck('name')->join(', ', ' and ') }}; nothing reaches them by itself.</p>
        <form method="post" action="{{ route('lock', $worksheet) }}">@csrf<button class="btn btn-plain">Lock again</button></form></div>
@endif
