{{-- What a teacher said, in words or aloud. $comment: App\Models\Comment --}}
@props(['comment'])
@if ($comment->sound !== null)
    <button type="button" {{ $attributes->class(['btn btn-plain mark__sound']) }} data-sound="{{ route('sounds.show', $comment) }}"><span
            data-verb>Listen</span><span class="visually-hidden">: your teacher</span></button>
@elseif ($comment->words !== '')
    <p {{ $attributes->class(['mark__words']) }} dir="auto">{{ $comment->words }}</p>
@endif
