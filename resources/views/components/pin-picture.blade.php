{{-- $is: App\View\PinPicture --}}
@props(['is', 'said' => true])
<svg class="pin-picture" viewBox="0 0 24 24" @if ($said) role="img" aria-label="{{ $is->words() }}" @else aria-hidden="true" @endif>
    <path d="{{ $is->path() }}" /></svg>
