<form method="post" action="/s/{{ $slug }}/waiting">
@if (($pass ?? null) instanceof App\Models\Pass)
<input type="hidden" name="pass" value="{{ $pass->token() }}">
@else
<p><label for="wait-name">@say('plain.name')</label><br><input id="wait-name" name="name" autocomplete="name" value="{{ $typed['name'] ?? '' }}">@isset($said['name'])<br><strong>{{ $said['name'] }}</strong>@endisset</p>
@endif
@if (! (($pass ?? null) instanceof App\Models\Pass) || $pass->email === null)
<p><label for="wait-email">@say('plain.email')</label><br><input id="wait-email" name="email" type="email" autocomplete="email" value="{{ $typed['email'] ?? '' }}">@isset($said['email'])<br><strong>{{ $said['email'] }}</strong>@endisset</p>
@endif
@include('plain.wants', ['chosen' => $typed])
<p><button class="press">{{ App\Framework\Words::say('booking.wants_tell_me') }}</button></p>
</form>
