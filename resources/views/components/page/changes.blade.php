{{--
    A passage as the student has it, with what they changed marked: put in, and left out where it stood. Spaces are
    shown as they are, so that nothing stands between the pieces here.
--}}
@use('App\View\PassageWords')
@props(['form', 'text'])
@foreach (PassageWords::pieces($form, $text) as [$tag, $words])<{{ $tag }}>{{ $words }}</{{ $tag }}>@endforeach
