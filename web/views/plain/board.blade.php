<main class="sheet-of-paper">
<h1>Meet our staff</h1>
<p><a href="/card">Type the code from your card</a>. <a href="#again">{{ App\Framework\Words::say('booking.again_title') }}</a></p>
@if ($board['rounds'] !== [])
<ul>
@foreach ($board['rounds'] as $round)
<li><a href="{{ $round['path'] }}">{{ $round['title'] }}</a>, {{ $round['when'] }}. {{ $round['wishes'] }}</li>
@endforeach
</ul>
@endif
<form method="get" action="/"><p><label for="seek">A name, a subject or a room</label><br><input id="seek" name="seek" type="search" maxlength="120" value="{{ $board['doors']['sought'] }}"> <button class="press">Search</button></p></form>
@if ($board['doors']['shown'] === [])
<p>Nobody of that name has open times. <a href="/">Everybody</a></p>
@endif
@foreach ($board['doors']['shown'] as $door)
<h2><a href="{{ $door['door'] }}">{{ $door['name'] }}</a></h2>
<p>{{ $door['subject'] }}</p>
<ul>
@foreach ($door['sheets'] as $sheet)
<li><a href="{{ $sheet['path'] }}">{{ $sheet['title'] }}</a>: {{ $sheet['next'] }}</li>
@endforeach
</ul>
@endforeach
@php($reached = $board['doors']['skip'] + count($board['doors']['shown']))
@if ($reached < $board['doors']['found'])
<p><a href="/?{{ http_build_query(array_filter(['seek' => $board['doors']['sought'], 'skip' => $reached])) }}">Show more</a>: {{ $reached }} of {{ $board['doors']['found'] }} are shown.</p>
@endif
<h2 id="again">{{ App\Framework\Words::say('booking.again_title') }}</h2>
@include('plain.pass-again-form')
<p><a href="/staff">For staff: sign in</a></p>
</main>
