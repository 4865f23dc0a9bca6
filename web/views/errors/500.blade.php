@include('errors.plain', [
    'title' => 'Something went wrong here',
    'text' => 'It is our fault, not yours, and it has been written down. Nothing was half-saved. Try again in a minute.',
])
