@include('errors.sentence', [
    'title' => 'Too large',
    'words' => 'That is more than can be sent at once. Send less and try again.',
])
