{!! $name !!},

@if ($isNew)
you are invited to Open Slate at {!! $school->name !!}.
@else
you are given a new way into Open Slate at {!! $school->name !!}.
@endif
Choose a password here:

{!! $address !!}

The link opens once, and ends by itself. If you did not expect it, you need do nothing.
