<form method="post" action="/s/{{ $slug }}/waiting">
<p><label for="wait-name">Your name</label><br><input id="wait-name" name="name" autocomplete="name" value="{{ $typed['name'] ?? '' }}">@isset($said['name'])<br><strong>{{ $said['name'] }}</strong>@endisset</p>
<p><label for="wait-email">E-mail address</label><br><input id="wait-email" name="email" type="email" autocomplete="email" value="{{ $typed['email'] ?? '' }}">@isset($said['email'])<br><strong>{{ $said['email'] }}</strong>@endisset</p>
<p><button class="press">Put me in line</button></p>
</form>
