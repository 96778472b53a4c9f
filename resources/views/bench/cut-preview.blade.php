{{-- What would be cut, before anything is. $plan: PlannedSet[] --}}
@use('App\View\Count')
@use('OpenSlate\Cutting\PageRange')
@php($in = array_merge([], ...array_map(fn($set) => $set->pages, $plan)))
@php($out = array_values(array_diff(range(1, max(1, $worksheet->pages_total)), $in)))
@if ($plan === [] && $leftOut > 0)
    <p class="ledger__hint">All of these sets are cut already.</p>
@elseif ($plan === [])
    <p class="field__error">Nothing would be cut: no page is marked for students. Tick pages and press S to mark them.
    </p>
@else
    <ol class="preview" tabindex="0" aria-label="Sets that would be cut">
        @foreach ($plan as $set)
            <li><b>{{ $set->name }}</b><span>{{ count($set->pages) === 1 ? 'page' : 'pages' }}
                    {{ PageRange::format($set->pages) }}</span></li>
        @endforeach
    </ol>
@endif
@if ($leftOut > 0 && $plan !== [])
    <p class="ledger__hint">Left out: {{ Count::of($leftOut, 'set') }} of these same pages {{ $leftOut === 1 ? 'is' : 'are' }} cut already.</p>
@endif
<p class="ledger__hint">
    {{ $out === [] ? 'Every page is in a set.' : 'In no set: pages ' . PageRange::format($out) . '.' }}
</p>
<button class="btn btn-primary"
    @disabled($plan === [])>{{ $plan === [] ? 'Cut the sets' : 'Cut ' . Count::of(count($plan), 'set') }}</button>
