{{-- Help for one place, opened by a press. --}}
@props(['place', 'said', 'help'])
<button type="button" class="help" popovertarget="help-{{ $place }}"
    aria-label="Help with {{ $said }}">?</button>
<div class="help__words" id="help-{{ $place }}" popover>
    <p>{{ $help }}</p><button type="button" class="btn btn-plain" popovertarget="help-{{ $place }}"
        popovertargetaction="hide">Close</button>
</div>
