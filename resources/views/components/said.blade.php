{{-- What has just been done, once. --}}
@if (session('said'))
    <p class="notice notice--good" role="status">{{ session('said') }}</p>
@endif
