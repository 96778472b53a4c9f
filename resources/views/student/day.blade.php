@use('App\View\Count')
@use('App\View\CopyAddress')
@use('App\View\CopyWords')
@use('App\View\DayList')
@use('App\View\HandoutWords')
@use('Illuminate\Support\Str')
@use('OpenSlate\Handout\DayGroup')
@use('OpenSlate\Handout\Mode')
<x-layout.student title="What is set" at="day" :who="$student->name">
    <main id="main" class="room">
        <div class="room__head">
            <h1>Hello, {{ Str::before($student->name, ' ') }}</h1>
        </div>
        @if ($handouts->isEmpty())
            <p class="empty"><b>Nothing is set for you.</b> When your teacher hands something out, it is here.</p>
        @endif
        @foreach ($days->groups as [$group, $some])
            <h2 class="day__group">{{ $group->words() }}</h2>
            <ul class="day">
                @foreach ($some as $handout)
                    @php($times = $handout->recipient->times())
                    @php($late = $times->due()->isPast(now()->toDateTimeImmutable()))
                    {{-- What is handed in is no longer pressing. --}}
                    @php($presses = $late && $group !== DayGroup::Done && $group !== DayGroup::Back)
                    @php($over = $times->isClosed(now()->toDateTimeImmutable()))
                    <li class="task">
                        <div class="task__head">
                            <div class="task__title">
                                <h3>{{ $handout->title }}</h3>
                                @if (DayList::isNew($handout))
                                    <em class="task__new">new</em>
                                @endif
                            </div>
                            <p @class(['task__due', 'task__due--past' => $presses])>
                                {{ HandoutWords::due($handout, $times, $school, $late) }}
                            </p>
                        </div>
                        @if ($handout->directions !== '')
                            <p class="task__directions">{!! nl2br(e($handout->directions)) !!}</p>
                        @endif
                        <ul class="task__items">
                            @foreach ($handout->items as $item)
                                @if ($copy = $item->copies->first())
                                    <li><a class="btn btn-primary" href="{{ route(CopyAddress::route($handout, 'show'), $copy) }}">
                                            {{ $over || $copy->isReturned() ? 'Look at' : CopyWords::next($copy->state) }} {{ $item->edition->name }}@if ($named->isTwice($item))<span
                                                    class="visually-hidden">, {{ $handout->title }}</span>@endif</a>
                                        <span>{{ CopyWords::filled($copy, $item->edition) }}@if ($item->points !== null)
                                                · {{ Count::of($item->points, 'point') }}
                                            @endif
                                        </span>
                                    </li>
                                @elseif ($item->mode === Mode::ReadOnly)
                                    <li><a class="btn btn-plain" href="{{ route($handout->trial ? 'trial.readings' : 'readings.show', $item) }}">Read
                                            {{ $item->edition->name }}@if ($named->isTwice($item))<span
                                                    class="visually-hidden">, {{ $handout->title }}</span>@endif</a></li>
                                @endif
                            @endforeach
                        </ul>
                    </li>
                @endforeach
            </ul>
        @endforeach
    </main>
</x-layout.student>
