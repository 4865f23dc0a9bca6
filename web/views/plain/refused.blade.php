@extends('plain.page', ['title' => 'Your bookings'])
@section('page')
<h1>Nothing was changed</h1>
<p class="notice" role="alert">{{ $message }}</p>
<p><a class="press" href="{{ $back }}">{{ App\Framework\Words::say('booking.to_pass') }}</a></p>
@endsection
