@include('errors.sentence', [
    'title' => 'There is nothing here',
    'words' => 'The address may be mistyped, or what was here is gone. Go to the start and find it from there.',
])
