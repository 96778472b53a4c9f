{{-- What can be laid on the page: places to answer, and what the page is furnished with. --}}
@include('bench.laying', ['heading' => 'Lay on the page', 'tools' => \App\View\Tools::boxes($shown->content->backdrop !== null), 'picture' => 'A picture for the page'])
