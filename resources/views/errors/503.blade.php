@include('errors.sentence', [
    'title' => 'Back in a moment',
    'words' => 'The program is being looked after. Try again in a minute.',
])
