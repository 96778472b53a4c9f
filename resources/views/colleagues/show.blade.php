@use('App\View\Count')
@use('App\View\RoleWords')
<x-layout.teacher :title="$worksheet->name" at="shelf">
    <main id="main" class="room room--wide">
        <div class="room__head">
            <p><a href="{{ route('colleagues.index') }}">From colleagues</a></p>
            <h1>{{ $worksheet->name }}</h1>
            <p>{{ $worksheet->teacher->name }}, {{ Count::of($worksheet->pages_total, 'page') }}, to look at
            </p>
        </div>
        <form method="post" action="{{ route('colleagues.take', $worksheet) }}" class="inline-form" novalidate>
            @csrf<x-once />
            <x-field name="name" label="Take it as your own, named" :value="$worksheet->name" maxlength="120"
                autocomplete="off" />
            <button class="btn btn-primary">Take it as my own</button>
        </form>
        <ol class="looked">
            @foreach ($worksheet->pages as $row)
                <li><b>Page {{ $row->position }}</b>
                    <span>{{ RoleWords::of($row->role) }}{{ $row->section === null ? '' : ", {$row->section}" }}</span>
                    <x-page.sheet answers :page="$row->current->page()" :number="$row->position"
                        :of="$worksheet->pages_total" sizes="300px" />
                </li>
            @endforeach
        </ol>
    </main>
</x-layout.teacher>
