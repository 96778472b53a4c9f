@include('errors.sentence', [
    'title' => 'You were away for long',
    'words' => 'For safety the page has to be opened again. Go back, reload it, and do it once more.',
])
