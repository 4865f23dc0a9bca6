@extends('plain.page', ['title' => App\Framework\Words::say('booking.pass_title')])
@section('page')
<h1>@say('plain.refused')</h1>
<p class="notice" role="alert">{{ $message }}</p>
<p><a class="press" href="{{ $back }}">{{ App\Framework\Words::say('booking.to_pass') }}</a></p>
@endsection
