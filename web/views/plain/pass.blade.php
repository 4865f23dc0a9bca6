<main class="sheet-of-paper">
<p>{{ $pass['school'] }}</p>
<h1>@say('booking.pass_title')</h1>
<p>@say('plain.pass', ['name' => $pass['name']])</p>
@if ($pass['undo'] !== null)
<form method="post" action="{{ $pass['path'] }}/bookings/{{ $pass['undo']['booking'] }}/undo"><p class="notice" role="status">{{ App\Framework\Words::say('booking.undo.'.$pass['undo']['what']) }} <button class="press">@say('plain.undo')</button> @say('plain.undo_for', ['seconds' => $pass['undo']['seconds']])</p></form>
@endif
@foreach ($pass['left'] as $said)
<p class="notice">{{ $said }}</p>
@endforeach
@foreach ($pass['knocks'] as $knock)
<h2>{{ $knock['title'] }}</h2>
<p>{{ $knock['said'] }}<br>
@foreach ($knock['choices'] as $choice)
{{ $choice['when'] }}<br>
@endforeach
</p>
@endforeach
@foreach ($pass['bookings'] as $booking)
<h2>@say('plain.day_time', [
    'day' => $booking['date'],
    'from' => App\Framework\Spell::clock($booking['from']),
    'until' => App\Framework\Spell::clock($booking['until']),
])</h2>
<p>@say('plain.title_with', ['title' => $booking['title'], 'host' => $booking['host']['name']])<br>
<strong>{{ App\Framework\Words::say('booking.state.'.$booking['state'], ['until' => $booking['held_until'] ?? $booking['confirm_until'] ?? 'none']) }}</strong><br>
@if ($booking['student'] !== '') @say('plain.about', ['student' => $booking['student']])<br>@endif
{{ $booking['place']['label'] }} {{ $booking['place']['link'] }} {{ $booking['place']['promise'] }} {{ $booking['place']['directions'] }}@if ($booking['place']['picture'] !== null)<br><a href="{{ $booking['place']['picture'] }}">{{ App\Framework\Words::say('booking.way', ['place' => $booking['place']['label']]) }}</a>@endif</p>
@if ($booking['line'] !== null && $booking['state'] === 'booked')
@if ($booking['line']['state'] === 'ahead')
<p>{{ App\Framework\Words::say('day.plain_ahead', ['time' => App\Framework\Spell::clock($booking['line']['opens'])]) }}</p>
@elseif (in_array($booking['line']['state'], ['open', 'missed'], true))
<form method="post" action="{{ $pass['path'] }}/bookings/{{ $booking['id'] }}/here"><button class="press main">{{ App\Framework\Words::say('day.plain_here') }}</button></form>
@elseif ($booking['line']['state'] === 'here')
<p class="good-news">{{ App\Framework\Words::say('day.plain_waits', ['host' => $booking['host']['name'], 'wait' => $booking['line']['wait'][1] ?? 0]) }}</p>
@elseif ($booking['line']['state'] === 'called')
<p class="good-news"><strong>{{ App\Framework\Words::say('day.plain_called') }}</strong></p>
@endif
@if ($booking['line']['late'] > 0)
<p class="notice">{{ App\Framework\Words::say('day.plain_late', ['host' => $booking['host']['name'], 'minutes' => $booking['line']['late']]) }}</p>
@endif
@if ($booking['line']['word'] !== '')
<p class="notice">{{ App\Framework\Words::say('day.plain_word', ['host' => $booking['host']['name'], 'word' => $booking['line']['word']]) }}</p>
@endif
@endif
@if ($booking['state'] === 'booked')
<p><a href="{{ $booking['entry_path'] }}">@say('plain.calendar')</a></p>
@endif
@if ($booking['can_move'] && ($free[$booking['id']] ?? []) !== [])
<details><summary>@say('plain.move')</summary>
<form method="post" action="{{ $pass['path'] }}/bookings/{{ $booking['id'] }}/move"><p><label for="slot-{{ $booking['id'] }}">@say('plain.move_to')</label><br><select id="slot-{{ $booking['id'] }}" name="slot">
@foreach ($free[$booking['id']] as $slot)
<option value="{{ $slot['key'] }}">{{ $slot['day'] }}, {{ App\Framework\Spell::clock($slot['from']) }}</option>
@endforeach
</select> <button class="press">@say('plain.move_there')</button></p></form>
</details>
@endif
@if ($booking['can_give_back'])
<details><summary>@say('plain.cancel')</summary>
<form method="post" action="{{ $pass['path'] }}/bookings/{{ $booking['id'] }}/give-back"><p><label for="note-{{ $booking['id'] }}">@say('plain.cancel_word', ['host' => $booking['host']['name']])</label><br><input id="note-{{ $booking['id'] }}" name="note" maxlength="1000"> <button class="press away">@say('plain.cancel_it')</button></p></form>
</details>
@endif
@endforeach
@if ($pass['bookings'] === [])
<p>@say('plain.nothing')</p>
@endif
@if ($pass['whole'])
<p><a href="/?pass={{ substr($pass['path'], 3) }}">@say('plain.another')</a></p>
@else
<form method="post" action="{{ $pass['path'] }}/everything"><p>{{ App\Framework\Words::say('booking.everything') }}<br><button class="press">{{ App\Framework\Words::say('booking.everything_press') }}</button></p></form>
@endif
@include('plain.office', ['phone' => $pass['office']])
</main>
