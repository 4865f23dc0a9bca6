@include('errors.plain', ['code' => 429, 'title' => App\Framework\Words::say('errors.429_title')])
