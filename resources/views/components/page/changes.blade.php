{{-- A passage as the student has it, with what they changed marked: put in, and left out where it stood. --}}
@props(['form', 'text'])
@foreach (\App\View\PassageWords::pieces($form, $text) as [$tag, $words])<{{ $tag }}>{{ $words }}</{{ $tag }}>@endforeach
