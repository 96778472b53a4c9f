{{-- What students move, and where it goes. --}}
@include('bench.laying', ['heading' => 'Make parts', 'tools' => \App\View\Tools::parts(), 'picture' => 'A picture for the part'])
