@extends('plain.page', ['title' => App\Framework\Words::say('booking.again_title')])
@section('page')
<h1>{{ App\Framework\Words::say('booking.again_title') }}</h1>
@if ($sent)
<p class="good-news" role="status">{{ App\Framework\Words::say('booking.again_sent') }}</p>
@else
@include('plain.pass-again-form')
@endif
<p><a href="/">{{ App\Framework\Words::say('booking.again_back') }}</a></p>
@endsection
