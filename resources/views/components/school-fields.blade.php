{{-- What the school says of itself. $known: App\School, or nothing at the first visit --}}
@use('App\View\Languages')
@props(['known' => null])
<x-field name="school" label="Name of the school" :value="$known?->name" maxlength="80" autocomplete="organization"
    required />
<div class="field"><label for="timezone">Its time zone</label>
    <select id="timezone" name="timezone" class="form-select" aria-describedby="timezone-note"
        @if (!$known) data-own-zone @endif>
        @foreach (DateTimeZone::listIdentifiers() as $zone)
            <option @selected($zone === old('timezone', $known?->timezone))>{{ $zone }}</option>
        @endforeach
    </select>
    <div id="timezone-note" class="field__note">
        @error('timezone')
            <span class="field__error">{{ $message }}</span>
        @else
            All times are shown by its clock.
        @enderror
    </div>
</div>
<div class="field"><label for="language">Language of your worksheets</label>
    <select id="language" name="language" class="form-select" aria-describedby="language-note">
        @foreach (Languages::names() as $tag => $language)
            <option value="{{ $tag }}" @selected($tag === old('language', $known?->language ?? 'en'))>{{ $language }}</option>
        @endforeach
    </select>
    <div id="language-note" class="field__note">
        @error('language')
            <span class="field__error">{{ $message }}</span>
        @else
            Pages are read aloud in it. The program itself speaks English.
        @enderror
    </div>
</div>
