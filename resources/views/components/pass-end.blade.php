@props(['id', 'ends'])
<div class="field"><label for="ends-{{ $id }}">It ends with the day of</label>
    <input id="ends-{{ $id }}" type="date" name="ends" value="{{ $ends }}" class="form-control"
        aria-describedby="ends-{{ $id }}-note">
    <div id="ends-{{ $id }}-note" class="field__note">
        @error('ends')
            <span class="field__error" role="alert">{{ $message }}</span>
        @enderror
    </div>
</div>
