{{-- What the last change has done, or why it was refused. --}}
@if (session('done'))
    <p class="notice notice--good" role="status">{{ session('done') }}</p>
@endif
@error('refused')
    <p class="notice notice--bad" role="alert">{{ $message }}</p>
@enderror
