<main class="sheet-of-paper">
<h1>Meet our staff</h1>
<form method="get" action="/"><p><label for="seek">A name, a subject or a room</label><br><input id="seek" name="seek" type="search" value="{{ $seek }}"> <button class="press">Search</button></p></form>
@if ($doors === [])
<p>Nobody of that name has open times. <a href="/">Everybody</a></p>
@endif
@foreach ($doors as $door)
<h2><a href="{{ $door['door'] }}">{{ $door['name'] }}</a></h2>
<p>{{ $door['subject'] }}</p>
<ul>
@foreach ($door['sheets'] as $sheet)
<li><a href="{{ $sheet['path'] }}">{{ $sheet['title'] }}</a>: {{ $sheet['next'] }}</li>
@endforeach
</ul>
@endforeach
<p><a href="/staff">For staff: sign in</a></p>
</main>
