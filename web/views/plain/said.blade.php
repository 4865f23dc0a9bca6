@extends('plain.page', ['title' => $title])
@section('page')
<h1>{{ $title }}</h1>
<p role="status">{{ $message }}</p>
<p><a class="press" href="{{ $back }}">{{ App\Framework\Words::say('booking.to_pass') }}</a></p>
@endsection
