@include('errors.sentence', ['title' => 'Too many tries', 'words' => 'Wait a minute, then try again.'])
