@extends('plain.page', ['title' => 'Who are you?'])
@section('page')
<h1>Who are you?</h1>
<p>This stands where a school’s own sign-in service would. In the demo you simply choose.</p>
<form method="post" action="/stand-in/people/choose">
@foreach ($asked as [$name, $value])
<input type="hidden" name="{{ $name }}" value="{{ $value }}">
@endforeach
@foreach ($people as $one)
<p><button class="press" name="email" value="{{ $one->email }}">{{ $one->name }}</button></p>
@endforeach
<p><button class="press" name="email" value="nobody.known@gannetcove.example">Somebody who is on no list</button></p>
<p><button class="press away" name="email" value="">Nobody; go back</button></p>
</form>
@endsection
