{{-- Drawn by the view of its kind: included, since components made for hundreds of them would be slow. --}}
@use('App\View\KeptPictures')
@include('components.page.' . $element->kind()->value, [
    'texts' => $texts ?? [],
    'number' => $number ?? 1,
    'pictures' => $pictures ?? new KeptPictures(),
    'closed' => $closed ?? false,
    'live' => $live ?? false,
    'leads' => $leads ?? [],
    'at' => $at ?? 'page-',
    'fills' => $fills ?? [],
    'names' => $names ?? [],
    'attributes' => null,
])
