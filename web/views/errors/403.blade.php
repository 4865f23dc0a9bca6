@include('errors.plain', [
    'title' => 'This is somebody else’s',
    'text' => 'You are signed in, but this page belongs to another staff member. Nothing was shown or changed.',
])
