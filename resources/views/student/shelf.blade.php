@use('App\View\CopyWords')
<x-layout.student title="Class shelf" at="shelf">
    <main id="main" class="room">
        <div class="room__head">
            <h1>Class shelf</h1>
            <p>Read what you like. Take a copy when you want to write on it.</p>
        </div>
        <x-said />
        @if ($units === [] && $older->isEmpty() && $thrown->isEmpty())
            <p class="empty"><b>Nothing is on the shelf.</b> When your teacher puts something there, it is here.</p>
        @endif
        @foreach ($units as $unit => $items)
            <h2 class="day__group">{{ $unit === '' ? 'More' : $unit }}</h2>
            <ul class="shelved">
                @foreach ($items as $item)
                    @php($copy = $copies[$item->id] ?? null)
                    <li>
                        <img class="shelved__page" alt="" loading="lazy"
                            src="{{ route('sheets.show', [$item, 1, 'thumbnail']) }}">
                        <div class="shelved__what">
                            <h3>{{ $item->edition->name }}</h3>
                            <div class="verbs">
                                <a class="btn btn-plain" href="{{ route('readings.show', $item) }}">Read<span
                                        class="visually-hidden"> {{ $item->edition->name }}</span></a>
                                @if ($copy)
                                    <a class="btn btn-primary"
                                        href="{{ route('copies.show', $copy) }}">{{ CopyWords::next($copy->state) }} my copy<span
                                            class="visually-hidden"> of {{ $item->edition->name }}</span></a>
                                    <form method="post" action="{{ route('copies.throw-away', $copy) }}">@csrf<button
                                            class="btn btn-plain">Throw my copy away<span class="visually-hidden">:
                                                {{ $item->edition->name }}</span></button></form>
                                @else
                                    <form method="post" action="{{ route('taking.take', $item) }}">@csrf<button
                                            class="btn btn-primary">Take a copy<span class="visually-hidden"> of
                                                {{ $item->edition->name }}</span></button></form>
                                @endif
                            </div>
                            @if ($copy)
                                <p>{{ CopyWords::filled($copy, $item->edition) }}</p>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ul>
        @endforeach
        @foreach (['Copies that you took before' => $older, 'Thrown away' => $thrown] as $heading => $some)
            @if ($some->isNotEmpty())
                <h2 class="day__group">{{ $heading }}</h2>
                <ul class="names">
                    @foreach ($some as $copy)
                        <li><span>{{ $copy->item->edition->name }},
                                {{ CopyWords::filled($copy, $copy->item->edition) }}</span>
                            @if ($copy->thrown_at)
                                <form method="post" action="{{ route('copies.put-back', $copy) }}">@csrf<button
                                        class="btn btn-plain">Put it back<span class="visually-hidden">:
                                            {{ $copy->item->edition->name }}</span></button></form>
                            @else
                                <a class="btn btn-plain"
                                    href="{{ route('copies.show', $copy) }}">{{ CopyWords::next($copy->state) }} my copy<span
                                        class="visually-hidden"> of {{ $copy->item->edition->name }}</span></a>
                            @endif
                        </li>
                    @endforeach
                </ul>
            @endif
        @endforeach
    </main>
</x-layout.student>
