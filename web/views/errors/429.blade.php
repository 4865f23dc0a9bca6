@include('errors.plain', [
    'title' => 'That was a lot at once',
    'text' => 'Wait a minute and try again. What was booked stays booked.',
])
