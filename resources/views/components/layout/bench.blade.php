{{-- A station, below its job sheet. $job: App\View\JobSheet; what is not at one of the stations says where it is --}}
@use('App\View\Station')
@props(['job', 'title', 'scripts' => [], 'at' => null])
<x-layout.teacher :$title at="shelf" :$scripts body-class="bench">
    <nav class="job" aria-label="Stations of this job">
        <h1 class="job__name">{{ $job->worksheet->name }}</h1>
        <p class="job__origin">{{ $job->origin }}@if ($job->hasMaster)
                <a href="{{ route('worksheets.show', $job->worksheet->master_id) }}">Open the master</a>
            @endif
        </p>
        <ol>
            @foreach (Station::cases() as $station)
                @php($said = $job->progress[$station->value])
                <li>
                    @isset($job->addresses[$station->value])
                        <a class="job__station" href="{{ $job->addresses[$station->value] }}"
                            @if ($station === $job->at) aria-current="page" @endif><b>{{ $station->words() }}</b><span
                                data-job-state="{{ $station->value }}">{{ $said }}</span></a>
                    @else
                        <span class="job__station job__station--later"><b>{{ $station->words() }}</b>
                            <span>{{ $said }}</span></span>
                    @endisset
                </li>
            @endforeach
        </ol>
        @if (count($job->addresses) > 1)
            <form class="job__try" method="post" action="{{ route('trial.store', $job->worksheet) }}">@csrf<x-once /><input
                    type="hidden" name="station" value="{{ $job->at?->value }}"><input type="hidden" name="number"
                    value="{{ $job->number }}"><button class="btn btn-plain">Try it as a student</button></form>
        @endif
        <p class="job__more"><a href="{{ route('sharing.edit', $job->worksheet) }}"
                @if ($at === 'sharing') aria-current="page" @endif>Share with colleagues</a>
            @if (count($job->addresses) > 1)
                <a href="{{ route('leaving', $job->worksheet) }}"
                    @if ($at === 'leaving') aria-current="page" @endif>Paper and PDF</a>
            @endif
        </p>
    </nav>
    {{ $slot }}
</x-layout.teacher>
