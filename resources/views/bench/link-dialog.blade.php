{{-- Where a new link leads, and with which words. --}}
<dialog class="panel" data-linking aria-labelledby="linking-title">
    <h2 id="linking-title">A link</h2>
    <form novalidate>
        <div class="field"><label for="link-words">Its words</label><input id="link-words" class="form-control"
                name="text" maxlength="300" autocomplete="off"></div>
        <div class="field"><label for="link-target">Leads to the address</label><input id="link-target"
                class="form-control" name="target" maxlength="2000" inputmode="url" autocomplete="off"
                placeholder="https://" aria-describedby="link-problem">
            <p class="field__error" id="link-problem" data-link-problem role="alert"></p>
        </div>
        <div class="field"><label for="link-page">or to a page of this worksheet, or to another one</label><select id="link-page"
                class="form-select" name="page">
                <option value="">no page</option>
                @foreach ($worksheet->pages as $other)
                    <option value="page:{{ $other->anchor }}">page {{ $other->position }}</option>
                @endforeach
                <optgroup label="What a student has of">
                    @foreach ($leads as $id => $name)
                        <option value="worksheet:{{ $id }}">{{ $name }}</option>
                    @endforeach
                </optgroup>
            </select></div>
        <div class="verbs"><button class="btn btn-primary">Lay the link</button><button type="button"
                class="btn btn-plain" data-link-no>Not now</button></div>
    </form>
</dialog>
