@include('errors.plain', ['code' => 419, 'title' => App\Framework\Words::say('errors.419_title')])
