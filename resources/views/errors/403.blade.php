@include('errors.sentence', [
    'title' => 'This is not yours to see',
    'words' => 'It belongs to somebody else. If you should have it, ask whoever gave you the address.',
])
