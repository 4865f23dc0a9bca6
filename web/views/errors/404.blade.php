@include('errors.plain', [
    'title' => 'Nothing is here',
    'text' => 'This address leads nowhere (any more). If it came in a message, check that the whole of it was copied. A time that was booked stays booked.',
])
