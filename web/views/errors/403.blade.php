@include('errors.plain', ['code' => 403, 'title' => App\Framework\Words::say('errors.403_title')])
