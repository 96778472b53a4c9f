{{-- One page on the contact sheet. $row: App\Models\WorksheetPage, $worksheet, $starts: whether a section starts here --}}
@php($forTeacher = ! in_array($row->role, [\OpenSlate\Trim\Role::Student, \OpenSlate\Trim\Role::Unknown], true))
<li @class(['contact__page', 'contact__page--teacher' => $forTeacher]) data-number="{{ $row->position }}" data-role="{{ $row->role->value }}">
    @if ($row->section !== null && $row->role === \OpenSlate\Trim\Role::Student)
        <span @class(['bracket', 'bracket--start' => $starts ?? true]) title="{{ $row->section }}">{{ ($starts ?? true) ? $row->section : '' }}</span>
    @else
        <span class="bracket bracket--none"></span>
    @endif
    <label class="contact__pick">
        <input type="checkbox" class="form-check-input" value="{{ $row->position }}" data-pick>
        <span>Page {{ $row->position }}</span>
        @php($content = $row->current->page())
        @php($boxes = count($content->answerBoxes()))
        @if ($boxes)<span class="contact__count">{{ \App\View\JobState::count($boxes, 'box', 'boxes') }}</span>@endif
    </label>
    <x-page.sheet :page="$content" :number="$row->position" :of="$worksheet->pages_total" sizes="(min-width: 1200px) 480px, 300px" />
    <span class="contact__size"><b class="contact__role">{{ \App\View\RoleWords::of($row->role) }}</b> <span>{{ \App\View\PaperWords::of($content->size) }}</span></span>
    @if ($row->role_reason !== '')<span class="contact__reason">{{ $row->role_reason }}</span>@endif
</li>
