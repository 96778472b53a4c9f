{{--
    What is in PDFs that came back, before it is taken. $item, $copies; $files: of each its name, its copy or null, answers
    (list of App\Exports\ReturnedAnswer), the values of its fields, and why it was not read
--}}
@use('App\View\Count')
@php($any = collect($files)->contains(fn ($file) => $file['problem'] === null))
<x-layout.teacher :title="'Answers that came back: ' . $item->edition->name" at="handouts">
    <main id="main" class="room leaving">
        <div class="room__head">
            <p><a href="{{ route('copies.leaving', $item) }}">Back to Paper and PDF</a></p>
            <h1>Answers that came back</h1>
            <p>{{ $item->handout->title }}: {{ $item->edition->name }}. Nothing is taken yet.</p>
        </div>
        <form method="post" action="{{ route('returned.take', $item) }}">
            @csrf
            @foreach ($files as $at => $file)
                @php($new = collect($file['answers']))
                <section class="came" aria-label="{{ $file['name'] }}">
                    <h2 dir="auto">{{ $file['name'] }}</h2>
                    @if ($file['problem'] !== null)
                        <p class="field__error" role="alert">{{ $file['problem'] }}</p>
                        </section>
                        @continue
                    @endif
                    <input type="hidden" name="returned[{{ $at }}][name]" value="{{ $file['name'] }}">
                    <input type="hidden" name="returned[{{ $at }}][values]"
                        value="{{ json_encode($file['values'], JSON_UNESCAPED_UNICODE) }}">
                    <p class="came__whose"><label>Whose it is <select name="returned[{{ $at }}][copy]"
                                class="form-select">
                                <option value="">not known: choose</option>
                                @foreach ($copies as $copy)
                                    <option value="{{ $copy->id }}" @selected($file['copy']?->is($copy))>
                                        {{ $copy->whose() }}</option>
                                @endforeach
                            </select></label>
                        <button class="btn btn-plain" formaction="{{ route('returned.choose', $item) }}">Look at it as
                            that<span class="visually-hidden">: {{ $file['name'] }}</span></button></p>
                    @if ($file['copy'] && $new->isEmpty())
                        <p>There is nothing in it that {{ $file['copy']->whose() }}’s copy does not have.</p>
                    @elseif ($file['copy'])
                        <input type="hidden" name="returned[{{ $at }}][shown]" value="{{ $file['copy']->id }}">
                        <input type="hidden" name="returned[{{ $at }}][found]"
                            value="{{ json_encode((object) $new->mapWithKeys(fn ($one) => [$one->place => [$one->was, $one->is]])->all(), JSON_UNESCAPED_UNICODE) }}">
                        <label class="leaving__tick"><input type="checkbox" class="form-check-input"
                                name="returned[{{ $at }}][wanted]" value="1" checked> Take
                            {{ Count::of($new->count(), 'answer') }} into {{ $file['copy']->whose() }}’s copy</label>
                        <table class="listed">
                            <thead>
                                <tr>
                                    <th scope="col">Where</th>
                                    <th scope="col">In the copy</th>
                                    <th scope="col">In the PDF</th>
                                </tr>
                            </thead>
                            <tbody>
                                @foreach ($new as $one)
                                    <tr>
                                        <th scope="row" dir="auto">{{ $one->asked }}</th>
                                        <td dir="auto"><span class="came__said">{{ $one->wasWords }}</span>@if ($one->isAgainst())
                                                <label class="leaving__tick"><input type="checkbox" class="form-check-input"
                                                        name="returned[{{ $at }}][against][]"
                                                        value="{{ $one->place }}"> replace it</label>
                                            @endif
                                        </td>
                                        <td dir="auto"><span class="came__said">{{ $one->isWords }}</span></td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    @else
                        <p>This PDF does not say whose it is, or it is not of this handout. Choose whose it is, and look
                            again.</p>
                    @endif
                </section>
            @endforeach
            @if ($any)
                <button class="btn btn-primary">Take what is ticked</button>
            @endif
        </form>
    </main>
</x-layout.teacher>
