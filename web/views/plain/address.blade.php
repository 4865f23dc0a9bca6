@extends('plain.page', ['title' => $heading])
@section('page')
@include('plain.masthead', ['school' => $school])
<h1>{{ $heading }}</h1>
@if ($more !== '')<p>{{ $more }}</p>@endif
@if ($press !== null)
<form method="post" action="{{ $press }}"><p><button class="press main">{{ $say }}</button></p></form>
@else
<p><a class="press" href="/p/{{ $pass->token() }}">{{ App\Framework\Words::say('booking.to_pass') }}</a></p>
@if ($together !== null)
<section class="slip">
<p>{{ App\Framework\Words::say('booking.together', array_diff_key($together, ['press' => ''])) }}</p>
<p>{{ App\Framework\Words::say('booking.together_more') }}</p>
<form method="post" action="{{ $together['press'] }}">
<p><button class="press">{{ App\Framework\Words::say('booking.together_press') }}</button></p>
</form>
</section>
@endif
@endif
@endsection
