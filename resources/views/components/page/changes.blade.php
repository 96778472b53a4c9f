{{-- A passage as the student has it, with what they changed marked: put in, and left out where it stood. --}}
@props(['form', 'text'])
@foreach (\App\View\PassageWords::pieces($form, $text) as [$is, $words])@if ($is === 'kept'){{ $words }}@elseif ($is === 'out')<del>{{ $words }}</del>@else<ins>{{ $words }}</ins>@endif@endforeach
