@include('errors.plain', ['code' => 500, 'title' => App\Framework\Words::say('errors.500_title')])
