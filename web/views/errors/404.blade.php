@include('errors.plain', ['code' => 404, 'title' => App\Framework\Words::say('errors.404_title')])
