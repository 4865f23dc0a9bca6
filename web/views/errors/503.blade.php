@include('errors.plain', [
    'title' => 'Back in a moment',
    'text' => 'The school is updating this service. Try again in a minute; what was booked stays booked.',
])
