@include('errors.sentence', [
    'title' => 'Something went wrong',
    'words' =>
        'It is not your fault, and what was saved is safe. Try again; if it goes on, tell whoever runs the program.',
])
