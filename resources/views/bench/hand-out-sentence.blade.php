{{--
    How it is given, in brackets: what it is called, to whom, when, for how many points. $form, $words, $classes
--}}
@use('App\View\HandoutForm')
@use('OpenSlate\Handout\Attempts')
@php($today = $school->local(now())->format('Y-m-d'))
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
    @foreach (HandoutForm::outs($form->out === 'since') as $out => $said)
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
    @foreach (HandoutForm::LATE as $late => $said)
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
    <p class="ledger__hint">Where a worksheet has points of its own, it is worth what they are together.</p>
</x-bracket>
<span>in</span>
<x-bracket name="attempts" :words="$words['attempts']" says="How often they may do it" :fields="['attempts', 'counted']">
    <x-slot:after><span class="sentence__tight">,</span></x-slot:after>
    <label>Attempts <input type="number" name="attempts" class="form-control" min="1" max="{{ Attempts::MOST }}"
            value="{{ $form->attempts->most }}" placeholder="any" autocomplete="off"></label>
    <p class="ledger__hint">Without a number they may do it as often as they want, until it is closed.</p>
    @foreach (['best' => 'the best of them counts', 'last' => 'the last of them counts'] as $counted => $said)
        <label class="opened__way"><input type="radio" class="form-check-input" name="counted" value="{{ $counted }}"
                @checked($form->attempts->best === ($counted === 'best')) autocomplete="off"> {{ $said }}</label>
    @endforeach
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
