{{-- A page in small: its print, until js/lib/small-pages.js has drawn it with all that lies on it. $row: WorksheetPage --}}
@use('App\View\PictureAddress')
@props(['row'])
<span class="small-page" data-small="{{ route('page.small', [$row, $row->revision], false) }}" aria-hidden="true">
    @if ($row->backdrop)
        <img src="{{ PictureAddress::thumbnail($row->backdrop) }}" alt="" loading="lazy" draggable="false">
    @endif
</span>
