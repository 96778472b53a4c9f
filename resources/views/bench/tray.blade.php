{{-- The strip beside the page where parts wait, and how parts are counted. --}}
@php($tray = $shown->content->tray)
<form class="tray-form" data-tray>
    <label>Tray <select class="form-select" name="side">
            <option value="">none</option>
            @foreach (['right' => 'right', 'left' => 'left', 'top' => 'above', 'bottom' => 'below'] as $side => $words)
                <option value="{{ $side }}" @selected($tray?->side->value === $side)>{{ $words }}</option>
            @endforeach
        </select></label>
    <label>depth <input class="form-control" type="number" name="depth" min="40" max="800" step="10"
            value="{{ $tray?->depth ?? 150 }}"> pt</label>
    <label><input type="checkbox" class="form-check-input" name="open" @checked($tray?->open ?? true)> open</label>
    <label>Parts count <select class="form-select tray-form__count" name="each">
            <option value="">all as one</option>
            <option value="each" @selected($shown->content->countsParts)>one by one</option>
        </select></label>
</form>
