{{-- What is proposed for the page, and everything on it in reading order. $page; $sure, $likely as in proposed --}}
@use('OpenSlate\Page\Tags')
<div data-proposed>@include('bench.proposed')</div>
@php($tags = Tags::of($page))
<h2>On this page</h2>
<p class="ledger__hint" data-nothing @if ($tags !== []) hidden @endif>Nothing yet. The printed page stays
    as it is; what you lay over it stands here.</p>
<ol class="rows">
    @foreach ($tags as $id => $tag)
        @include('bench.row', ['element' => $page->element((string) $id)])
    @endforeach
</ol>
