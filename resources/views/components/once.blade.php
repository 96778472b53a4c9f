{{-- Of a form that makes something: however often it arrives, it is made once. See App\Http\Middleware\Once. --}}
@use('Illuminate\Support\Str')
<input type="hidden" name="once" value="{{ Str::random(24) }}" autocomplete="off">
