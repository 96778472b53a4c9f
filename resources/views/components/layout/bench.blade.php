@props(['worksheet', 'station', 'title', 'scripts' => []])
@php($state = new \App\View\JobState($worksheet))
<x-layout.teacher :title="$title" at="shelf" :$scripts body-class="bench">
    <nav class="job" aria-label="Stations of this job">
        <h1 class="job__name">{{ $worksheet->name }}</h1>
        <p class="job__origin">{{ $state->origin() }}@if (! $worksheet->isMaster() && $worksheet->master_id && ! $worksheet->master?->trashed()) <a href="{{ route('worksheets.show', $worksheet->master_id) }}">Open the master</a>@endif</p>
        <ol>
            @foreach ($state->stations() as $key => [$words, $said, $url])
                <li>
                    @if ($url)
                        <a class="job__station" href="{{ $url }}" @if ($key === $station) aria-current="page" @endif><b>{{ $words }}</b><span data-job-state="{{ $key }}">{{ $said }}</span></a>
                    @else
                        <span class="job__station job__station--later"><b>{{ $words }}</b><span>{{ $said }}</span></span>
                    @endif
                </li>
            @endforeach
        </ol>
        <p class="job__more"><a href="{{ route('sharing.edit', $worksheet) }}" @if ($station === 'sharing') aria-current="page" @endif>Share with colleagues</a></p>
    </nav>
    {{ $slot }}
</x-layout.teacher>
