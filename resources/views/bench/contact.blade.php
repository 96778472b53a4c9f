{{-- All pages of a worksheet, with its sections and its sets as brackets along them. --}}
@foreach ($worksheet->pages as $row)
    @include('bench.contact-page')
@endforeach
