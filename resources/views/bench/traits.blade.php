{{-- What the selected are like, and what can be done with them. A row shows where something selected has it. --}}
@use('App\ShippedSymbols')
@use('App\View\Arranger')
@use('App\View\ElementWords')
@use('App\View\TraitWords')
@use('OpenSlate\Elements\OrganiserShape')
<fieldset class="traits" data-traits hidden>
    <legend data-traits-title>Selected</legend>
    <div class="traits__row" data-trait-for="text"><label for="trait-text">Words</label>
        <textarea id="trait-text" class="form-control" data-trait="text" rows="2" maxlength="2000"></textarea>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="fills"><label for="trait-fills">Filled
            in with</label><select
            id="trait-fills" class="form-select" data-trait="fills">
            <option value="own">nothing more</option>
            <option value="student">the student’s name</option>
            <option value="date">the day it is handed out</option>
        </select></div>
    <div class="traits__row" data-trait-for="name"><label for="trait-name">Called <small>(parts that are
                called the same stand for each other)</small></label><input id="trait-name" class="form-control" data-trait="name" maxlength="60"></div>
    <div class="traits__row" data-trait-for="title"><label for="trait-title">Title</label><input id="trait-title"
            class="form-control" data-trait="title" maxlength="120"></div>
    <div class="traits__row" data-trait-for="words" data-kinds="recording"><label for="trait-said">The words, for those who
            do not hear it</label>
        <textarea id="trait-said" class="form-control" data-trait="words" rows="3" maxlength="4000"></textarea>
        <button type="button" class="btn btn-plain traits__verb" data-hear-recording>Listen</button>
    </div>
    <div class="traits__row" data-trait-for="words" data-kinds="picture"><label for="trait-words">What it shows, for those who
            hear the page</label><input
            id="trait-words" class="form-control" data-trait="words" maxlength="300"></div>
    <div class="traits__row" data-trait-for="target"><label for="trait-target">Leads to</label><input id="trait-target"
            class="form-control" data-trait="target" maxlength="2000" inputmode="url" autocomplete="off"
            placeholder="https://">
        <select class="form-select" data-link-page aria-label="Or to a page of this worksheet, or to another worksheet">
            <option value="">or to a page here</option>
            @foreach ($worksheet->pages as $other)
                <option value="page:{{ $other->anchor }}">page {{ $other->position }}</option>
            @endforeach
            <optgroup label="or to what a student has of">
                @foreach ($leads as $id => $name)
                    <option value="worksheet:{{ $id }}">{{ $name }}</option>
                @endforeach
            </optgroup>
        </select>
    </div>
    <div class="traits__row" data-trait-for="prompt"><label for="trait-prompt">Prompt</label><input id="trait-prompt"
            class="form-control" data-trait="prompt" maxlength="200"></div>
    <div class="traits__row traits__row--side" data-trait-for="answer"><label for="trait-answer">Kind</label><select
            id="trait-answer" class="form-select" data-trait="answer">
            @foreach (TraitWords::kinds() as $kind => $words)
                <option value="{{ $kind }}">{{ $words }}</option>
            @endforeach
        </select>
    </div>
    <div class="traits__row" data-trait-for="wrong"><label for="trait-wrong">With mistakes, as students get it</label>
        <textarea id="trait-wrong" class="form-control" data-trait="wrong" rows="3" maxlength="2000"
            spellcheck="false"></textarea>
    </div>
    <div class="traits__row" data-trait-for="right"><label for="trait-right">As it should be</label>
        <textarea id="trait-right" class="form-control" data-trait="right" rows="3" maxlength="2000"
            spellcheck="false"></textarea>
        <p class="ledger__hint" data-planted role="status"></p>
    </div>
    <div class="traits__row" data-trait-for="options"><label for="trait-options">Choices, one a line</label>
        <textarea id="trait-options" class="form-control" data-trait="options" data-as="options" rows="3"></textarea>
    </div>
    <div class="traits__row" data-trait-for="choices"><label for="trait-choices">Choices, one a line</label>
        <textarea id="trait-choices" class="form-control" data-trait="choices" data-as="lines" rows="3"></textarea>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="mark"><label for="trait-mark">Marked by</label><select
            id="trait-mark" class="form-select" data-trait="mark">
            <option value="ring">a ring</option>
            <option value="tick">a tick</option>
            <option value="line">a line below</option>
        </select></div>
    <div class="traits__row traits__row--side" data-trait-for="unit"><label for="trait-unit">Unit</label><input
            id="trait-unit" class="form-control" data-trait="unit" maxlength="20"></div>
    <div class="traits__row traits__row--side" data-trait-for="form" data-kinds="shape"><label
            for="trait-form">Shape</label><select id="trait-form" class="form-select" data-trait="form">
            <option value="rectangle">rectangle</option>
            <option value="ellipse">oval</option>
            <option value="line">line</option>
            <option value="arrow">arrow</option>
        </select></div>
    <div class="traits__row traits__row--side" data-trait-for="form" data-kinds="part"
        data-forms="{{ implode(' ', array_keys(TraitWords::PART_FORMS)) }}"><label
            for="trait-part-form">Shape</label><select id="trait-part-form" class="form-select" data-trait="form">
            @foreach (TraitWords::PART_FORMS as $form => $words)
                <option value="{{ $form }}">{{ $words }}</option>
            @endforeach
        </select>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="drawing" data-forms="symbol"><label
            for="trait-drawing">Symbol</label><select id="trait-drawing" class="form-select" data-trait="drawing"
            data-names>
            @foreach (ShippedSymbols::groups() as $group => $symbols)
                <optgroup label="{{ $group }}">
                    @foreach ($symbols as $symbol)
                        <option value="{{ $symbol->drawing }}">{{ $symbol->name }}</option>
                    @endforeach
                </optgroup>
            @endforeach
        </select>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="form" data-kinds="spot"><label
            for="trait-spot-form">Shape</label><select id="trait-spot-form" class="form-select" data-trait="form">
            @foreach (TraitWords::SPOT_FORMS as $form => $words)
                <option value="{{ $form }}">{{ $words }}</option>
            @endforeach
        </select>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="lay" data-forms="line arrow connector"
        data-kinds="shape part"><label for="trait-lay">The line goes</label><select id="trait-lay" class="form-select"
            data-trait="lay">
            <option value="level">from left to right</option>
            <option value="upright">from top to bottom</option>
            <option value="falling">down to the right</option>
            <option value="rising">up to the right</option>
        </select></div>
    <div class="traits__row traits__row--side" data-trait-for="course" data-forms="connector"><label
            for="trait-course">The line is</label><select id="trait-course" class="form-select" data-trait="course">
            @foreach (TraitWords::COURSES as $course => $words)
                <option value="{{ $course }}">{{ $words }}</option>
            @endforeach
        </select>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="head" data-forms="connector"><label
            for="trait-head">Arrow’s head</label><select id="trait-head" class="form-select" data-trait="head">
            <option value="none">none</option>
            <option value="end">at its end</option>
            <option value="start">at its start</option>
            <option value="both">at both ends</option>
        </select></div>
    <div class="traits__row traits__row--side" data-trait-for="shape"><label for="trait-shape">Shape</label><select
            id="trait-shape" class="form-select" data-trait="shape">
            @foreach (OrganiserShape::cases() as $shape)
                <option value="{{ $shape->value }}">{{ ElementWords::shape($shape) }}</option>
            @endforeach
        </select>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="number"><label for="trait-number">Boxes</label><input
            id="trait-number" type="number" class="form-control" data-trait="number" min="2"
            max="12"><button type="button" class="btn btn-plain" data-loosen>As loose parts</button></div>
    <div class="traits__row" data-trait-for="boxes"><label for="trait-boxes">Their names, one a line</label>
        <textarea id="trait-boxes" class="form-control" data-trait="boxes" data-boxes="names" rows="4"
            aria-describedby="trait-levels"></textarea>
        <p id="trait-levels" class="ledger__hint" data-levels-hint hidden>A dash before a name puts its box one level
            lower, two dashes two. A line is a box, with a name or without.</p>
    </div>
    <div class="traits__row" data-trait-for="boxes"><label for="trait-box-prompts">Their prompts, one a line</label>
        <textarea id="trait-box-prompts" class="form-control" data-trait="boxes" data-boxes="prompts"
            rows="3"></textarea>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="stock"><label for="trait-stock">How many</label><input
            id="trait-stock" type="number" class="form-control" data-trait="stock" min="1"
            max="60"><button type="button" class="btn btn-plain" data-lay-out>Lay out</button></div>
    <div class="traits__row" data-trait-for="takes"><label for="trait-takes">Only these may go here, one
            name a line</label>
        <textarea id="trait-takes" class="form-control" data-trait="takes" data-as="lines" rows="2"></textarea>
    </div>
    <div class="traits__row traits__row--side" data-trait-for="settle"><label for="trait-settle">Parts
            stand</label><select id="trait-settle" class="form-select" data-trait="settle">
            <option value="grid">in even rows</option>
            <option value="row">side by side</option>
            <option value="round">round in a ring</option>
            <option value="stack">in the middle</option>
            <option value="free">where dropped</option>
        </select></div>
    <div class="traits__row traits__row--side" data-trait-for="most"><label for="trait-most">At the
            most</label><input id="trait-most" type="number" class="form-control" data-trait="most"
            data-as="nullable" min="1" max="100" placeholder="any"></div>
    <div class="traits__row traits__row--side" data-trait-for="hole" data-forms="ring"><label for="trait-hole">Hole
            in it</label><input id="trait-hole" type="number" class="form-control" data-trait="hole"
            data-as="percent" min="0" max="95" step="5"><span>%</span></div>
    <div class="traits__row traits__row--side" data-trait-for="takes" data-forms="slots"><label
            for="trait-columns">Slots across, down</label><input id="trait-columns" type="number"
            class="form-control" data-trait="columns" min="1" max="12"><input type="number"
            class="form-control" data-trait="rows" min="1" max="12" aria-label="Slots down"></div>
    <div class="traits__row traits__row--side" data-trait-for="sides" data-forms="polygon"><label
            for="trait-sides">Sides of a polygon</label><input id="trait-sides" type="number" class="form-control"
            data-trait="sides" min="3" max="12"></div>
    <div class="traits__row" data-trait-for="joints"
        data-forms="ellipse rectangle rounded triangle polygon callout arrow symbol picture"><span
            id="joints-label">Joints</span>
        <div class="verbs verbs--small" role="group" aria-labelledby="joints-label">
            @foreach (TraitWords::JOINTS as $where => $words)
                <button type="button" class="btn btn-plain"
                    data-joints="{{ $where }}">{{ $words }}</button>
            @endforeach
        </div>
    </div>
    <div class="traits__row" data-trait-for="set" data-forms="picture"><span data-set-said>To choose from: their own
            pictures</span>
        <div class="verbs verbs--small"><button type="button" class="btn btn-plain" data-set="add">Add a picture of
                mine</button><button type="button" class="btn btn-plain" data-set="none">None of mine</button></div>
    </div>
    <p class="ledger__warning" data-faint role="status" hidden></p>
    <div class="traits__row traits__row--side" data-trait-for="size"><label for="trait-size">Text size</label><input
            id="trait-size" type="number" class="form-control" data-trait="size" min="6" max="96"
            step="1"><span>pt</span></div>
    <div class="traits__checks">
        <label data-trait-for="many"><input type="checkbox" class="form-check-input" data-trait="many"> Several may
            be right</label>
        <label data-trait-for="spelling"><input type="checkbox" class="form-check-input" data-trait="spelling">
            Allow spelling help</label>
        <label data-trait-for="printed"><input type="checkbox" class="form-check-input" data-trait="printed"> Prompt
            is printed already</label>
        <label data-trait-for="kept"><input type="checkbox" class="form-check-input" data-trait="kept"> An answer:
            left out of copies</label>
        <label data-trait-for="cover"><input type="checkbox" class="form-check-input" data-trait="cover"> Cover the
            print</label>
        <label data-trait-for="outline"><input type="checkbox" class="form-check-input" data-trait="outline"> Faint
            outline</label>
        <label data-trait-for="bold"><input type="checkbox" class="form-check-input" data-trait="bold"> Bold</label>
        <label data-trait-for="highlight"><input type="checkbox" class="form-check-input" data-trait="highlight">
            Highlight</label>
        <label data-trait-for="own"><input type="checkbox" class="form-check-input" data-trait="own"> Students write
            on it</label>
        <label data-trait-for="titled"><input type="checkbox" class="form-check-input" data-trait="titled"> Show
            the name</label>
        <label data-trait-for="large"><input type="checkbox" class="form-check-input" data-trait="large"> Opens
            large to build in</label>
        <label data-trait-for="dashed"><input type="checkbox" class="form-check-input" data-trait="dashed">
            Dashed</label>
    </div>
    <div class="table-tools" data-table-tools hidden>
        <p class="ledger__hint" data-cell-said>Press a cell of the table to change it; with Shift, up to another.</p>
        <div data-cell-fields hidden>
            <div class="traits__row"><label for="cell-text">Words in the cell</label><input id="cell-text"
                    class="form-control" data-cell-text maxlength="500"></div>
            <label class="traits__check"><input type="checkbox" class="form-check-input" data-cell-fill> To be filled
                in</label>
            <div class="verbs verbs--small"><button type="button" class="btn btn-plain"
                    data-line="insert down 0">Row above</button><button type="button" class="btn btn-plain"
                    data-line="insert down 1">Row below</button><button type="button" class="btn btn-plain"
                    data-line="remove down">Remove row</button>
                <button type="button" class="btn btn-plain" data-line="insert across 0">Column
                    before</button><button type="button" class="btn btn-plain" data-line="insert across 1">Column
                    after</button><button type="button" class="btn btn-plain" data-line="remove across">Remove
                    column</button>
            </div>
        </div>
        <div class="verbs verbs--small"><button type="button" class="btn btn-plain" data-line="even down">Rows
                equal</button><button type="button" class="btn btn-plain" data-line="even across">Columns
                equal</button></div>
    </div>
    <details class="trait-group" data-trait-group="looks">
        <summary>Looks</summary>
        <div class="traits__row traits__row--side" data-trait-for="font"><label for="trait-font">Font</label><select
                id="trait-font" class="form-select" data-trait="font">
                @foreach (TraitWords::FONTS as $font => $words)
                    <option value="{{ $font }}">{{ $words }}</option>
                @endforeach
            </select>
        </div>
        <div class="traits__row traits__row--side" data-trait-for="align"><label for="trait-align">Text
                stands</label><select id="trait-align" class="form-select" data-trait="align">
                <option value="left">left</option>
                <option value="centre">in the middle</option>
                <option value="right">right</option>
            </select></div>
        <div class="traits__row traits__row--side" data-trait-for="fit"><label for="trait-fit">Too much
                text</label><select id="trait-fit" class="form-select" data-trait="fit">
                <option value="scroll">can be scrolled</option>
                <option value="shrink">gets smaller</option>
                <option value="grow">makes the box higher</option>
            </select></div>
        <div class="traits__row traits__row--side" data-trait-for="pitch"><label for="trait-pitch">Lines
                apart</label><input id="trait-pitch" type="number" class="form-control" data-trait="pitch"
                data-as="nullable" min="6" max="200" step="0.1"><span>pt</span></div>
        <div class="traits__row traits__row--side" data-trait-for="first"><label for="trait-first">First line
                at</label><input id="trait-first" type="number" class="form-control" data-trait="first"
                data-as="nullable" min="0" max="200" step="0.1"><span>pt</span></div>
        <div class="traits__row traits__row--side" data-trait-for="colour"><label
                for="trait-colour">Colour</label><input id="trait-colour" type="color"
                class="form-control form-control-color" data-trait="colour" data-usual="#111111"></div>
        <div class="traits__row traits__row--side" data-trait-for="ink"><label for="trait-ink">Of the
                words</label><input id="trait-ink" type="color" class="form-control form-control-color"
                data-trait="ink" data-usual="#111111"></div>
        <div class="traits__row traits__row--side" data-trait-for="fill"><label for="trait-fill">Filled
                with</label><input id="trait-fill" type="color" class="form-control form-control-color"
                data-trait="fill" data-usual="#ffffff"><button type="button" class="btn btn-plain"
                data-no-fill>Nothing</button></div>
        <div class="traits__row traits__row--side" data-trait-for="weight"><label
                for="trait-weight">Line</label><input id="trait-weight" type="number" class="form-control"
                data-trait="weight" min="0" max="20" step="0.5"><span>pt</span></div>
        <div class="traits__row traits__row--side" data-trait-for="opacity"><label
                for="trait-opacity">Opacity</label><input id="trait-opacity" type="number" class="form-control"
                data-trait="opacity" data-as="percent" min="0" max="100" step="5"><span>%</span>
        </div>
    </details>
    <details class="trait-group" data-trait-group="asked">
        <summary>How long, and help</summary>
        <div class="traits__row" data-trait-for="limit"><label for="trait-limit-of">Write</label>
            <div class="limits"><input type="number" class="form-control" data-limit-part="least" min="1"
                    max="9999" aria-label="At least" placeholder="least"><span>to</span><input type="number"
                    class="form-control" data-limit-part="most" min="1" max="9999" aria-label="At most"
                    placeholder="most">
                <select id="trait-limit-of" class="form-select" data-limit-part="of">
                    <option value="">any length</option>
                    <option value="sentences">sentences</option>
                    <option value="words">words</option>
                    <option value="details">details</option>
                    <option value="characters">characters</option>
                </select>
            </div>
        </div>
        <div class="traits__row" data-trait-for="help"><label for="trait-help">Help, when a student asks</label>
            <textarea id="trait-help" class="form-control" data-trait="help" rows="2" maxlength="500"></textarea>
        </div>
        <div class="traits__checks"><label data-trait-for="needed"><input type="checkbox" class="form-check-input"
                    data-trait="needed"> Needed before handing in</label></div>
    </details>
    <details class="trait-group" data-trait-group="place">
        <summary>Place and size</summary>
        <div class="measures">
            @foreach (TraitWords::MEASURES as $side => $words)
                <label>{{ $words }}<input class="form-control" data-measure="{{ $side }}"
                        inputmode="decimal" autocomplete="off"></label>
            @endforeach
        </div>
        <div class="traits__row traits__row--side"><label for="measure-unit">In</label><select id="measure-unit"
                class="form-select" data-measure-unit>
                <option value="mm">millimetres</option>
                <option value="in">inches</option>
                <option value="pt">points</option>
            </select></div>
    </details>
    <details class="trait-group" data-trait-group="arrange">
        <summary>Line up, space, order</summary>
        <div class="arranger" role="group" aria-label="Line up, space, order">
            @foreach (Arranger::ALL as $verb => [$words, $at, $path])
                <button type="button" class="arranger__way" data-many="{{ $verb }}"
                    aria-label="{{ $words }}" style="grid-area:{{ $at }}"><svg viewBox="0 0 24 24"
                        aria-hidden="true">
                        <path d="{{ $path }}" />
                    </svg></button>
            @endforeach
        </div>
        <div class="verbs verbs--small">
            @foreach (['width' => 'Same width', 'height' => 'Same height', 'both' => 'Same size'] as $side => $words)
                <button type="button" class="btn btn-plain" title="Same size as the first one selected"
                    data-many="same {{ $side }}">{{ $words }}</button>
            @endforeach
            <button type="button" class="btn btn-plain" data-many="group">Group</button>
            <button type="button" class="btn btn-plain" data-many="ungroup">Ungroup</button>
            <button type="button" class="btn btn-plain" data-many="lock yes">Lock</button>
            <button type="button" class="btn btn-plain" data-many="lock no">Unlock</button>
            <button type="button" class="btn btn-plain" data-style="copy">Copy its looks</button>
            <button type="button" class="btn btn-plain" data-style="paste" hidden>Paste the looks</button>
        </div>
        <form class="times" data-times><label>Repeat <input type="number" class="form-control" name="times"
                    value="3" min="1" max="100" aria-label="How many times"> times,
                each</label><label><input class="form-control" name="dx" value="0" inputmode="decimal"
                    aria-label="To the right"> right</label><label><input class="form-control" name="dy"
                    value="" inputmode="decimal" aria-label="Down"> down</label><button
                class="btn btn-plain">Lay them</button></form>
        @if ($shown->content->backdrop === null)
            <form class="times" data-room><label>Room above it: <input class="form-control" name="by"
                        inputmode="decimal" required
                        aria-label="How much room, in points; less than 0 takes it away"></label><button
                    class="btn btn-plain">Make room</button></form>
        @endif
    </details>
    <div class="verbs verbs--small">
        <button type="button" class="btn btn-plain" data-make-part hidden>Let students move it</button>
        <button type="button" class="btn btn-plain" data-many="down" data-verb-for="line">Repeat it on
            the lines below</button>
        <button type="button" class="btn btn-plain" data-many="fill" data-verb-for="line">Repeat it in
            all empty cells</button>
        <button type="button" class="btn btn-plain" data-verb="repeat">Repeat</button>
        <button type="button" class="btn btn-plain" data-verb="copy">Copy</button>
        <button type="button" class="btn btn-plain btn-bad" data-verb="remove">Delete</button>
    </div>
</fieldset>
