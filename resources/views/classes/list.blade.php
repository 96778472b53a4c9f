@use('App\View\Count')
@php($new = count($plan->newStudents()))
@php($notListed = $plan->notListed())
<x-layout.teacher title="A class list" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.index') }}">All classes</a></p>
            <h1>A class list</h1>
        </div>
        <p class="handout__will" role="status">
            {{ $new === 0 ? 'Nobody in it is to come.' : Count::of($new, 'student') . ' to come' . ($plan->newClasses === [] ? '' : ', and ' . Count::of(count($plan->newClasses), 'new class', 'new classes') . ': ' . collect($plan->newClasses)->join(', ', ' and ')) . '.' }}
        </p>
        @if ($notListed !== [])
            <p class="ledger__hint">Not in the list, and left as they are: {{ collect($notListed)->join(', ', ' and ') }}.
            </p>
        @endif
        @if ($new > $most)
            <p class="field__error">At most {{ $most }} students can be made at once. Send the list in parts.</p>
        @elseif ($new > 0)
            <form id="keep-list" method="post" action="{{ route('classes.list.store') }}">@csrf<x-once />
                <textarea name="list" hidden aria-hidden="true">{{ $list }}</textarea>
                <input type="hidden" name="into" value="{{ $into }}">
                <button class="btn btn-primary">Take in {{ Count::of($new, 'student') }}</button>
            </form>
        @endif
        <div class="listed__scroll" tabindex="0" role="region" aria-label="The list, row by row">
            <table class="listed">
                <thead>
                    <tr>
                        <th scope="col">Name</th>
                        <th scope="col">Class</th>
                        <th scope="col">What becomes of it</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($plan->rows as $row)
                        <tr @class(['listed__trouble' => $row->student->trouble !== null && !$row->isThere])>
                            <td>{{ $row->student->name() ?: '–' }}</td>
                            <td>{{ $row->class ?: '–' }}</td>
                            @if ($row->isNew() && $row->known)
                                <td><input type="hidden" name="known[]" value="{{ $row->key() }}" form="keep-list">
                                    <label><input type="checkbox" name="same[]" value="{{ $row->key() }}" checked
                                            form="keep-list"> the {{ $row->known->name }} of {{ $row->from }}, with their
                                        work and PIN</label></td>
                            @else
                                <td>{{ $row->isThere ? 'there already' : $row->student->trouble . ($row->student->trouble === null ? 'new' : ' Left out.') }}
                            </td>
                            @endif
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </main>
</x-layout.teacher>
