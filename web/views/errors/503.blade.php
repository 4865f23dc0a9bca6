@include('errors.plain', ['code' => 503, 'title' => App\Framework\Words::say('errors.503_title')])
