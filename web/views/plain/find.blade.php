<main class="sheet-of-paper">
<p><a href="/">{{ $found['school'] }}</a></p>
<h1>Who is free, and when</h1>
<form method="get" action="/find"><p><label for="about">What it is about</label><br><select id="about" name="about">@foreach ($found['titles'] as $title)<option @selected($title === $found['about'])>{{ $title }}</option>@endforeach</select></p>
<p><label for="from">From</label><br><input id="from" name="from" type="date" value="{{ $found['from'] }}"></p>
<p><label for="to">To</label><br><input id="to" name="to" type="date" value="{{ $found['to'] }}"></p>
<p><label for="names">Only these names or subjects</label><br><input id="names" name="names" type="search" value="{{ $found['names'] }}"></p>
<p><button class="press">Show free times</button></p></form>
@foreach ($found['days'] as $day)
<h2>{{ $day['label'] }}</h2>
<ul>
@foreach ($day['rows'] as $row)
@php $free = collect($row['stretches'])->flatMap(fn ($part) => $part['slots'])->where(1, 'free')->map(fn ($slot) => App\Framework\Spell::clock($day['times'][$slot[0]]['from'])); @endphp
<li><a href="{{ $row['path'] }}">{{ $row['host'] }}</a>, {{ $row['subject'] }}: {{ $free->isEmpty() ? 'nothing free' : $free->implode(', ') }}</li>
@endforeach
</ul>
@endforeach
@if ($found['skip'] + $found['at_once'] < $found['found'])
<p><a href="/find?{{ http_build_query(array_intersect_key($found, ['about' => 0, 'from' => 0, 'to' => 0, 'names' => 0]) + ['skip' => $found['skip'] + $found['at_once']]) }}">Those after</a>: {{ $found['skip'] + $found['at_once'] }} of {{ $found['found'] }} are shown.</p>
@endif
@include('plain.office', ['phone' => $found['office']])
</main>
