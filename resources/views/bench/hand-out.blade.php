@use('OpenSlate\Handout\Mode')
@php($words = $sentence->words())
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
                @include('bench.hand-out-sentence')
            </div>
            <p class="handout__will" role="status" data-will>
                {{ $sentence->will() ?? 'Nobody gets anything yet.' }}</p>
            <div data-found>@include('bench.found-short')</div>
            <p class="ledger__hint">The pages are kept as they are now; what you change later does not reach copies that
                are out.</p>
            <button class="btn btn-primary btn-lg" data-go>{{ $sentence->button() }}</button>
        </form>
        <template data-names-template>
            <p class="ledger__hint">Tick some, and it is for them alone. Nobody sees that others have another sheet.</p>
            @foreach ($classes as $class)
                <fieldset data-unless="to[{{ $class->id }}]=none">
                    <legend>{{ $class->name }}</legend>
                    @foreach ($class->students as $student)
                        <label><input type="checkbox" class="form-check-input" name="items[N][only][]"
                                value="{{ $student->id }}" autocomplete="off"> {{ $student->name }}</label>
                    @endforeach
                </fieldset>
            @endforeach
        </template>
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
