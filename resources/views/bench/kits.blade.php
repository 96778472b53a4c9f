{{-- Kits to lay on the page, and the page's parts to be kept as one. $shipped: by file; $kits: the teacher's own --}}
<form class="kits" data-kits data-store="{{ route('kits.store', $row) }}" novalidate>
    <div class="kits__list"><label for="kit-list">Kit</label><select class="form-select" id="kit-list" name="kit">
            <option value="">choose</option>
            <optgroup label="Yours" data-own-kits @if ($kits->isEmpty()) hidden @endif>
                @foreach ($kits as $kit)
                    <option value="{{ $kit->id }}">{{ $kit->name }}</option>
                @endforeach
            </optgroup>
            <optgroup label="Ready to use">
                @foreach ($shipped as $slug => $kit)
                    <option value="{{ $slug }}" title="{{ $kit['about'] }}">{{ $kit['name'] }}</option>
                @endforeach
            </optgroup>
        </select></div>
    <button class="btn btn-plain" data-kit-lay>Lay the kit</button>
    <button type="button" class="btn btn-plain" data-kit-keep
        title="The parts and spots that are selected, or all of this page">Keep as a kit</button>
    <button type="button" class="btn btn-plain btn-bad" data-kit-away hidden>Throw away</button>
</form>
<dialog class="panel" data-kit-naming aria-labelledby="kit-naming-title">
    <h2 id="kit-naming-title">Keep as a kit</h2>
    <form novalidate>
        <div class="field"><label for="kit-name">Its name</label><input id="kit-name" class="form-control"
                name="name" maxlength="80" autocomplete="off" aria-describedby="kit-problem">
            <p class="field__error" id="kit-problem" data-kit-problem role="alert"></p>
        </div>
        <div class="verbs"><button class="btn btn-primary">Keep it</button><button type="button" class="btn btn-plain"
                data-kit-no>Not now</button></div>
    </form>
</dialog>
