{{--
    What a worksheet and what was cut from it have to say to each other. $worksheet with sets loaded, $locked, $mending:
    App\View\MendingNotice
--}}
@use('App\View\Count')
@if ($locked)
    <div class="notice locked">
        @include('bench.cut-from', ['said' => 'Locked, so that what was cut from it can be relied on.'])
        <form method="post" action="{{ route('unlock', $worksheet) }}">@csrf<button
                class="btn btn-plain">Unlock to change it</button></form>
    </div>
@elseif ($worksheet->sets->isNotEmpty())
    <div class="notice locked">
        @include('bench.cut-from', ['said' => 'Unlocked. What you change is offered to what was cut from it.'])
        <form method="post" action="{{ route('lock', $worksheet) }}">@csrf<button class="btn btn-plain">Lock
                again</button></form>
    </div>
@endif
@if ($mending->behind > 0)
    <div class="notice locked">
        <p>{{ Count::of($mending->behind, 'page') }} in what was cut from this could take what you changed
            here.</p><a class="btn btn-plain" href="{{ route('mending.show', $worksheet) }}">Look and mend</a>
    </div>
@endif
@if ($mending->ahead > 0)
    <div class="notice locked">
        <p>{{ $mending->ahead === 1 ? '1 page of this has' : "{$mending->ahead} pages of this have" }} changed in
            {{ $mending->master?->name }} since.</p><a class="btn btn-plain"
            href="{{ route('mending.show', $mending->master) }}">Look and mend</a>
    </div>
@endif
