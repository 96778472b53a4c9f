{{-- One page on the contact sheet. $row: App\Models\WorksheetPage, $worksheet --}}
<li class="contact__page" data-number="{{ $row->position }}">
    <label class="contact__pick">
        <input type="checkbox" class="form-check-input" value="{{ $row->position }}" data-pick>
        <span>Page {{ $row->position }}</span>
        @php($content = $row->current->page())
        @php($boxes = count($content->answerBoxes()))
        @if ($boxes)<span class="contact__count">{{ \App\View\JobState::count($boxes, 'box', 'boxes') }}</span>@endif
    </label>
    <x-page.sheet :page="$content" :number="$row->position" :of="$worksheet->pages_total" sizes="(min-width: 1200px) 480px, 300px" />
    <span class="contact__size">{{ \App\View\PaperWords::of($content->size) }}</span>
</li>
