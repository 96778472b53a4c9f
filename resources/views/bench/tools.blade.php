{{-- What can be laid on the page: places to answer, and what the page is furnished with. --}}
@use('App\View\Tools')
@include('bench.laying', [
    'heading' => 'Lay on the page',
    'tools' => Tools::boxes($shown->content->backdrop !== null),
    'picture' => 'A picture for the page',
])
