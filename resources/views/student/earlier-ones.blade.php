{{-- How a copy was before, and keeping it as it is now. $copy, $moments, $closed --}}
@use('App\Models\Moment')
@use('App\View\PastCopy')
<details class="earlier" @if ($errors->has('name')) open @endif>
    <summary>How it was before</summary>
    @if ($moments->isEmpty())
        <p>When you hand it in, how it was then is kept here. You can keep it at other times, too.</p>
    @else
        <ul>
            @foreach ($moments as $moment)
                <li><a href="{{ route('earlier.show', [$copy, $moment]) }}">{{ PastCopy::words($moment, $school) }}</a></li>
            @endforeach
        </ul>
    @endif
    @unless ($closed)
        <form method="post" action="{{ route('earlier.keep', $copy) }}">@csrf
            <label>Keep it as it is now, and call it <input type="text" name="name" class="form-control"
                    maxlength="{{ Moment::LONGEST_NAME }}" required autocomplete="off"></label>
            <button class="btn btn-plain">Keep it</button>
            <p class="field__error" role="alert">{{ $errors->first('name') }}</p>
        </form>
    @endunless
</details>
