@extends('plain.page', ['title' => App\Framework\Words::say('keeping.forgotten_title')])
@section('page')
<h1>{{ App\Framework\Words::say('keeping.forgotten_title') }}</h1>
<p>{{ App\Framework\Words::say($known ? 'keeping.forgotten_known' : 'keeping.forgotten') }}</p>
<p><a href="/">{{ App\Framework\Words::say('keeping.board') }}</a></p>
@endsection
