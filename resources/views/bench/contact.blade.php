{{-- All pages of a worksheet, with their sections as brackets along them. --}}
@php($before = null)
@foreach ($worksheet->pages as $row)
    @include('bench.contact-page', ['starts' => $row->section !== null && $row->role === \OpenSlate\Trim\Role::Student && $row->section !== $before])
    @php($before = $row->role === \OpenSlate\Trim\Role::Student ? $row->section : $before)
@endforeach
