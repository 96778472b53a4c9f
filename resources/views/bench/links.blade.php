{{-- The links of a worksheet, by page, to be switched off and on unless it is locked. $worksheet, $locked --}}
@php($pages = $worksheet->pages->mapWithKeys(fn($page) => [$page->id => $page->current->page()->links()])->filter())
@php($all = $pages->flatten(1))
@php($numbers = $worksheet->pages->pluck('position', 'anchor'))
@if ($all->isNotEmpty())
    @php($off = $all->reject(fn($link) => $link->on)->count())
    <details class="links" data-keep-open="links">
        <summary>Links on its pages: {{ $all->count() }}{{ $off ? ", {$off} switched off" : '' }}</summary>
        <p class="ledger__hint">In the copies they open in a window of their own. Switched off, only the print is left.
            @if ($locked)
                Unlock the worksheet to switch them.
            @endif
        </p>
        <div class="verbs">
            <button type="button" class="btn btn-plain" data-links="off" data-pages="{{ $pages->keys()->join(',') }}"
                @disabled($locked || $off === $all->count())>Switch all off</button>
            <button type="button" class="btn btn-plain" data-links="on" data-pages="{{ $pages->keys()->join(',') }}"
                @disabled($locked || $off === 0)>Switch all on</button>
        </div>
        <ul>
            @foreach ($worksheet->pages as $page)
                @foreach ($pages[$page->id] ?? [] as $link)
                    @php($anchor = $link->target->anchor())
                    @php($number = $numbers[$anchor] ?? null)
                    @php($there = $number === null ? 'a page that is not here' : "page {$number}")
                    @php($out = $link->target->worksheetId() === null ? $link->target->address : 'another worksheet')
                    @php($to = $anchor === null ? $out : $there)
                    <li @class(['link', 'link--off' => !$link->on])>
                        <label><input type="checkbox" class="form-check-input" role="switch"
                                data-link="{{ $link->id }}" data-pages="{{ $page->id }}"
                                @checked($link->on) @disabled($locked)> <span><b>Page
                                    {{ $page->position }}</b> {{ $link->text }}<br><span
                                    class="link__to">{{ $to }}</span></span></label>
                    </li>
                @endforeach
            @endforeach
        </ul>
    </details>
@endif
