<main class="sheet-of-paper">
<p><a href="/">{{ $found['school'] }}</a></p>
<h1>@say('plain.find')</h1>
<form method="get" action="/find"><p><label for="about">@say('plain.find_about')</label><br><select id="about" name="about">@foreach ($found['titles'] as $title)<option value="{{ $title['about'] }}" @selected($title['about'] === $found['about'])>{{ $title['said'] }}</option>@endforeach</select></p>
<p><label for="from">@say('plain.find_from')</label><br><input id="from" name="from" type="date" value="{{ $found['from'] }}"> {{ App\Framework\Spell::date(Recess\Time\LocalDate::parse($found['from'])) }}</p>
<p><label for="to">@say('plain.find_to')</label><br><input id="to" name="to" type="date" value="{{ $found['to'] }}"> {{ App\Framework\Spell::date(Recess\Time\LocalDate::parse($found['to'])) }}</p>
<p><label for="names">@say('plain.find_names')</label><br><input id="names" name="names" type="search" value="{{ $found['names'] }}"></p>
<p><button class="press">@say('plain.find_show')</button></p></form>
@foreach ($found['days'] as $day)
<h2>{{ $day['label'] }}</h2>
<ul>
@foreach ($day['rows'] as $row)
@php $free = collect($row['stretches'])->flatMap(fn ($part) => $part['slots'])->where(1, 'free')->map(fn ($slot) => App\Framework\Spell::clock($day['times'][$slot[0]]['from'])); @endphp
<li><a href="{{ $row['path'] }}">{{ $row['host'] }}</a>, {{ $row['subject'] }}: {{ $free->isEmpty() ? App\Framework\Words::say('plain.find_none') : $free->implode(', ') }}</li>
@endforeach
</ul>
@endforeach
@if ($found['skip'] + $found['at_once'] < $found['found'])
<p><a href="/find?{{ http_build_query(array_intersect_key($found, ['about' => 0, 'from' => 0, 'to' => 0, 'names' => 0]) + ['skip' => $found['skip'] + $found['at_once']]) }}">@say('plain.find_after')</a>: @say('plain.shown', [
    'shown' => $found['skip'] + $found['at_once'],
    'all' => $found['found'],
])</p>
@endif
@include('plain.office', ['phone' => $found['office']])
</main>
