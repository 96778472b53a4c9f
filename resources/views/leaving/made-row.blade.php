{{-- A file that was made to leave, or is being made. $row: App\View\ExportRow --}}
<li class="leaving__row" data-made="{{ $row->export->id }}"
    @if ($row->isUnderWay()) data-made-at="{{ route('exports.show', $row->export) }}" @endif>
    <span class="leaving__what"><b>{{ $row->words }}</b> <span role="status">{{ $row->state }}</span></span>
    <span class="verbs">
        @if ($row->isReady())
            <a class="btn btn-plain" href="{{ route('exports.file', $row->export) }}">Take the
                {{ strtoupper($row->export->kind->ending()) }}<span class="visually-hidden">: {{ $row->words }}</span></a>
        @endif
        <form method="post" action="{{ route('exports.destroy', $row->export) }}">@csrf @method('delete')<button
                class="btn btn-plain">Throw it away<span class="visually-hidden">: {{ $row->words }}</span></button></form>
    </span>
</li>
