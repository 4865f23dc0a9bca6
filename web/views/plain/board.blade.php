<main class="sheet-of-paper">
<h1>@say('booking.board_title')</h1>
<p><a href="/card">@say('plain.code_from_card')</a>. <a href="#again">{{ App\Framework\Words::say('booking.again_title') }}</a></p>
@if ($board['rounds'] !== [])
<ul>
@foreach ($board['rounds'] as $round)
<li><a href="{{ $round['path'] }}">{{ $round['title'] }}</a>, {{ $round['when'] }}. {{ $round['wishes'] }}</li>
@endforeach
</ul>
@endif
<form method="get" action="/"><p><label for="seek">@say('plain.seek')</label><br><input id="seek" name="seek" type="search" maxlength="120" value="{{ $board['doors']['sought'] }}"> <button class="press">@say('plain.search')</button></p></form>
@if ($board['doors']['shown'] === [])
<p>@say('plain.nobody') <a href="/">@say('plain.everybody')</a></p>
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
<p><a href="/?{{ http_build_query(array_filter(['seek' => $board['doors']['sought'], 'skip' => $reached])) }}">@say('plain.more')</a>: @say('plain.shown', ['shown' => $reached, 'all' => $board['doors']['found']])</p>
@endif
<h2 id="again">{{ App\Framework\Words::say('booking.again_title') }}</h2>
@include('plain.pass-again-form')
<p><a href="/staff">@say('plain.staff')</a></p>
</main>
