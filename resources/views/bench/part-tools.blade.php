{{-- What students move, and where it goes. --}}
@use('App\View\Tools')
@include('bench.laying', [
    'heading' => 'Make parts',
    'tools' => Tools::parts(),
    'picture' => 'A picture for the part',
])
