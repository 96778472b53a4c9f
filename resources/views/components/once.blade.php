{{-- Of a form that makes something: however often it arrives, it is made once. See App\Http\Middleware\Once. --}}
<input type="hidden" name="once" value="{{ \Illuminate\Support\Str::random(24) }}" autocomplete="off">
