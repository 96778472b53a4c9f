@use('App\View\HandedPictures')
<x-layout.student :title="$item->edition->name" :scripts="['resources/js/reading.js']">
    <main id="main" class="room">
        <div class="room__head">
            <h1>{{ $item->edition->name }}</h1>
            <p>{{ $item->handout->title }}, to read</p>
                @can('take', $item)
                    <form method="post" action="{{ route('taking.take', $item) }}">@csrf<button class="btn btn-primary">Take
                            a copy</button></form>
                @endcan
        </div>
        <ol class="large">
            @php($pictures = new HandedPictures($item))
            @php($leads = $item->edition->pageNumbers())
            @foreach ($item->edition->frozenPages() as $index => $frozen)
                @php($page = $frozen->forStudents($item->handout->showsAnswers()))
                <li id="page-{{ $index + 1 }}"><x-page.sheet :$page :$pictures live :leads="$leads"
                        :answers="$item->handout->showsAnswers()" :number="$index + 1"
                        :words="$printed->on($page)" :of="$item->edition->pages_count" sizes="(min-width: 900px) 860px, 100vw" />
                </li>
            @endforeach
        </ol>
    </main>
</x-layout.student>
