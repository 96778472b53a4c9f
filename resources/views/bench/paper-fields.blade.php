{{-- A size of paper, standard or one's own. $id: what tells these fields from others on the screen --}}
@use('OpenSlate\Page\Theme')
@use('OpenSlate\Paper\PaperSize')
<div class="side">
    <div class="field"><label for="{{ $id }}-paper">Paper</label>
        <select id="{{ $id }}-paper" name="paper" class="form-select" data-paper>
            @foreach (PaperSize::cases() as $paper)
                <option value="{{ $paper->value }}" @selected($paper === PaperSize::A4)>{{ $paper->value }}</option>
            @endforeach
            <option value="own">another size</option>
        </select>
    </div>
    <div class="field"><label for="{{ $id }}-way">Which way</label>
        <select id="{{ $id }}-way" name="landscape" class="form-select" data-way>
            <option value="0">portrait</option>
            <option value="1">landscape</option>
        </select>
    </div>
</div>
<div class="side" data-own hidden>
    <div class="field"><label for="{{ $id }}-width">Width</label><input id="{{ $id }}-width"
            name="width" class="form-control" inputmode="decimal" value="210"></div>
    <div class="field"><label for="{{ $id }}-height">Height</label><input id="{{ $id }}-height"
            name="height" class="form-control" inputmode="decimal" value="297"></div>
    <div class="field"><label for="{{ $id }}-unit">In</label><select id="{{ $id }}-unit"
            name="unit" class="form-select">
            <option value="mm">mm</option>
            <option value="in">inches</option>
        </select></div>
</div>
@if ($themes ?? false)
    <div class="field"><label for="{{ $id }}-theme">Look</label><select id="{{ $id }}-theme"
            name="theme" class="form-select">
            @foreach (Theme::cases() as $theme)
                <option value="{{ $theme->value }}">{{ $theme->named() }}</option>
            @endforeach
        </select></div>
@endif
