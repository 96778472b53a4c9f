@use('App\View\Count')
@use('OpenSlate\Handout\Mode')
@php($words = $sentence->words())
@php($today = $school->local(now())->format('Y-m-d'))
<x-layout.bench :$job :title="'Hand out ' . $worksheet->name" :scripts="['resources/js/hand-out.js']">
    <main id="main" class="table table--form">
        <form method="post" action="{{ route('handouts.store', $worksheet) }}" class="handout" data-hand-out
            data-preview="{{ route('handouts.preview', $worksheet) }}" novalidate>
            @csrf<x-once />
            <div class="table__head">
                <h2>Hand out</h2>
            </div>
            @if ($classes->isEmpty())
                <div class="notice notice--bad"><b>You have no class yet.</b>
                    <a href="{{ route('classes.index') }}">Make a class first</a>, then come back.</div>
            @endif
            <p class="ledger__hint">Press what is underlined to change it.</p>
            <div class="sentence">
                <span>Give</span>
                <x-bracket name="items" :words="$words['items']" says="What is handed out, in this order"
                    :fields="['items', 'items.*']">
                    <ol class="givens" data-givens>
                        @foreach ($form->items as $n => [$one, $mode])
                            @include('bench.hand-out-item', ['worksheet' => $one])
                        @endforeach
                    </ol>
                    @if ($others->isNotEmpty())
                        <button type="button" class="btn btn-plain" data-others-open>Add worksheets</button>
                    @endif
                </x-bracket>
                <span>called</span>
                <x-bracket name="title" :words="$words['title']" says="What students find it by" :fields="['title']">
                    <label for="title">Title</label>
                    <input id="title" name="title" class="form-control" value="{{ $form->title }}" maxlength="120"
                        autocomplete="off">
                </x-bracket>
                <span>to</span>
                <x-bracket name="to" :words="$words['to']" says="Who gets it, and when, if not as the others"
                    :fields="['to', 'own.*']">
                    <x-slot:after><span class="sentence__tight">,</span></x-slot:after>
                    @foreach ($classes as $class)
                        @include('bench.hand-out-class')
                    @endforeach
                </x-bracket>
                <x-bracket name="out" :words="$words['out']" says="When students have it"
                    :fields="['out', 'out_date', 'out_time']">
                    <x-slot:after><span class="sentence__tight">,</span></x-slot:after>
                    @foreach (['now' => 'at once', 'at' => 'at a time', 'prepared' => 'kept ready until I say so'] as $out => $said)
                        <label class="opened__way"><input type="radio" class="form-check-input" name="out"
                                value="{{ $out }}" @checked($form->out === $out) autocomplete="off">
                            {{ $said }}</label>
                    @endforeach
                    <div class="opened__when" data-when="out=at" @if ($form->out !== 'at') hidden @endif>
                        <label>Day <input type="date" name="out_date" class="form-control" min="{{ $today }}"
                                value="{{ $form->time('out_date') }}"></label>
                        <label>Time <input type="time" name="out_time" class="form-control"
                                value="{{ $form->time('out_time') }}"></label>
                    </div>
                </x-bracket>
                <span>due</span>
                <x-bracket name="due" :words="$words['due']" says="When it is due" :fields="['due_date', 'due_time']">
                    <x-slot:after><span class="sentence__tight">;</span></x-slot:after>
                    <div class="opened__when">
                        <label>Due day <input type="date" name="due_date" class="form-control" min="{{ $today }}"
                                value="{{ $form->time('due_date') }}"></label>
                        <label>Time <input type="time" name="due_time" class="form-control"
                                value="{{ $form->time('due_time') }}"></label>
                    </div>
                    <p class="ledger__hint">Without a day it has no due time.</p>
                </x-bracket>
                <span>late work is</span>
                <x-bracket name="late" :words="$words['late']" says="What becomes of late work"
                    :fields="['late', 'closes_date', 'closes_time']">
                    <x-slot:after><span class="sentence__tight">;</span></x-slot:after>
                    @foreach (['marked' => 'taken, and marked late', 'taken' => 'taken as if it were in time', 'until' => 'taken until a time, and marked late', 'none' => 'not taken: what is there then is kept'] as $late => $said)
                        <label class="opened__way"><input type="radio" class="form-check-input" name="late"
                                value="{{ $late }}" @checked($form->late === $late) autocomplete="off">
                            {{ $said }}</label>
                    @endforeach
                    <div class="opened__when" data-when="late=until"
                        @if ($form->late !== 'until') hidden @endif>
                        <label>Day <input type="date" name="closes_date" class="form-control"
                                min="{{ $today }}" value="{{ $form->time('closes_date') }}"></label>
                        <label>Time <input type="time" name="closes_time" class="form-control"
                                value="{{ $form->time('closes_time') }}"></label>
                    </div>
                </x-bracket>
                <span>for</span>
                <x-bracket name="points" :words="$words['points']" says="How many points it is worth" :fields="['points']">
                    <x-slot:after><span class="sentence__tight">,</span></x-slot:after>
                    <label>Points <input type="number" name="points" class="form-control" min="0"
                            max="1000" value="{{ $form->points }}" placeholder="none"></label>
                </x-bracket>
                <span>with</span>
                <x-bracket name="directions" :words="$words['directions']" says="What students are told to do"
                    :fields="['directions', 'reads_aloud']">
                    <x-slot:after><span class="sentence__tight">.</span></x-slot:after>
                    <label for="directions">Directions</label>
                    <textarea id="directions" name="directions" rows="4" maxlength="2000" class="form-control">{{ $form->directions }}</textarea>
                    <input type="hidden" name="reads_aloud" value="0">
                    <label class="opened__way"><input type="checkbox" class="form-check-input" name="reads_aloud"
                            value="1" @checked($form->readsAloud)> Students may have the questions read
                        aloud</label>
                </x-bracket>
            </div>
            <p class="handout__will" role="status" data-will>
                {{ $sentence->will() ?? 'Nobody gets anything yet.' }}</p>
            <p class="ledger__hint">The pages are kept as they are now; what you change later does not reach copies that
                are out.</p>
            <button class="btn btn-primary btn-lg" data-go>{{ $sentence->button() }}</button>
        </form>
        <template data-given-template>@include('bench.hand-out-item', [
            'worksheet' => null,
            'mode' => Mode::OwnCopy,
            'n' => 'N',
        ])</template>
    </main>
    @includeWhen($others->isNotEmpty(), 'bench.other-worksheets', [
        'title' => 'Worksheets to hand out with it',
        'hint' => 'They stand on the students’ list one after the other, under one title.',
        'take' => 'Add them',
    ])
</x-layout.bench>
