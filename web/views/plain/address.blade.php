@extends('plain.page', ['title' => $heading])
@section('page')
<p>{{ $school }}</p>
<h1>{{ $heading }}</h1>
@if ($more !== '')<p>{{ $more }}</p>@endif
@if ($press !== null)
<form method="post" action="{{ $press }}"><p><button class="press main">{{ $say }}</button></p></form>
@else
<p><a class="press" href="/p/{{ $pass->token() }}">{{ App\Framework\Words::say('booking.to_pass') }}</a></p>
@endif
@endsection
