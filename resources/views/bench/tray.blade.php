{{-- The strip beside the page where parts wait. --}}
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
</form>
