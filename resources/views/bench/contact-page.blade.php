{{-- One page on the contact sheet. $row: App\Models\WorksheetPage, $worksheet, $sheet: App\View\ContactSheet --}}
@use('App\View\AskedOnPage')
@use('App\View\Count')
@use('App\View\Lie')
@use('App\View\PaperWords')
@use('App\View\QuestionWords')
@use('App\View\RoleWords')
@use('App\View\WeightWords')
@use('OpenSlate\Packs\Role')
@php($forTeacher = !in_array($row->role, [Role::Student, Role::Unknown], true))
@php($content = $row->current->page())
@php($boxes = $content->placesCount())
@php($asked = AskedOnPage::of($row))
<li id="contact-{{ $row->id }}" @class(['contact__page', 'contact__page--teacher' => $forTeacher])
    data-page="{{ $row->id }}" data-number="{{ $row->position }}" data-role="{{ $row->role->value }}">
    @if ($row->section !== null && $row->role === Role::Student)
        @php($starts = $sheet->startsSection($row))
        <span @class(['bracket', 'bracket--start' => $starts]) title="{{ $row->section }}">
            @if ($starts)
                <button type="button" class="bracket__grip" data-boundary
                    aria-label="Start of {{ $row->section }}, at page {{ $row->position }}: move it with the arrow keys"
                    title="Drag, or press the arrow keys, to move where {{ $row->section }} starts"></button><button
                    type="button" class="bracket__name" data-section="{{ $sheet->called($row) }}"
                    title="Tick the pages of {{ $row->section }}">{{ $row->section }}</button>
            @endif
        </span>
    @else
        <span class="bracket bracket--none"></span>
    @endif
    <label class="contact__pick">
        <input type="checkbox" class="form-check-input" value="{{ $row->id }}" data-pick>
        <span>Page {{ $row->position }}</span>
        @if ($boxes)
            <span class="contact__count">{{ Count::of($boxes, 'box', 'boxes') }}</span>
        @endif
    </label>
    <x-page.sheet answers :page="$content" :number="$row->position" :of="$worksheet->pages_total"
        sizes="(min-width: 1200px) 480px, 300px">
        {{-- Where pages are large enough for it. --}}
        @foreach ($forTeacher ? [] : $asked->whole() as $question)
            <span class="asked-at" style="{{ Lie::of($question->frame) }}" aria-hidden="true"><b>{{ $question->number }}</b></span>
        @endforeach
    </x-page.sheet>
    <div class="cuts" data-cuts title="Drag along this strip to choose the pages of a set">
        @foreach ($sheet->setsWith($row) as $set)
            <span @class([
                'cut',
                'cut--start' => $set['starts'],
                'cut--end' => $set['ends'],
            ]) data-in-set="{{ $set['name'] }}" title="In the set {{ $set['name'] }}">
                @if ($set['starts'])
                    {{ $set['name'] }}
                @endif
            </span>
        @endforeach
    </div>
    <span class="contact__size"><b class="contact__role">{{ $row->isSure() ? RoleWords::of($row->role) : RoleWords::likely($row->role) }}</b>
        <span>{{ PaperWords::of($content->size) }}</span></span>
    @if (!$forTeacher && $row->backdrop?->questions !== null)
        @php($questions = QuestionWords::of($asked->questions) ?: 'No questions')
        <button type="button" class="contact__questions" data-questions-of="{{ route('page.questions', $row) }}"
            aria-label="{{ $questions }}, page {{ $row->position }}: see and mend"
            title="See and mend which questions page {{ $row->position }} has">{{ $questions }}</button>
    @endif
    @php($weight = $sheet->weight($row))
    @unless ($forTeacher)
    <span @class(['contact__weight', 'contact__weight--heavy' => $weight->isHeavy()])>{{ WeightWords::short($weight) }}</span>
    @endunless
    @if (!$forTeacher && $weight->isHeavy())
        <span class="contact__why">{{ WeightWords::why($weight, $content) }} <a
                href="{{ route('weight.show', $row) }}">Make it lighter</a></span>
    @endif
    @if ($answers = $sheet->answers($row))
        <span class="contact__answers">{{ $answers }}</span>
    @endif
    @if ($row->role_reason !== '')
        <span class="contact__reason">{{ $row->role_reason }}</span>
    @endif
</li>
