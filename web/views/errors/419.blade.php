@include('errors.plain', [
    'title' => 'This page has been open too long',
    'text' => 'You were signed out meanwhile. Sign in again and repeat the last step; nothing before it is lost.',
])
