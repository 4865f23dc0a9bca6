<main class="sheet-of-paper">
<p>{{ $sheet['school'] }}</p>
<h1>{{ $sheet['title'] }}</h1>
<p>with <strong>{{ $sheet['host']['name'] }}</strong>, {{ $sheet['host']['subject'] }}</p>
<p>{{ $sheet['intro'] }}</p>
@if ($sheet['state'] !== 'open')
<p><strong>{{ $sheet['state'] === 'paused' ? 'Booking is paused just now.' : 'Booking has closed.' }}</strong> {{ $sheet['note'] }}</p>
@endif
<p>Times are {{ $sheet['zone'] }}. {{ implode(' ', $sheet['rules']) }}</p>
<h2>{{ $sheet['opens'] !== null ? 'Opens '.$sheet['opens'] : ($sheet['earliest'] === null ? 'Every time is taken' : $sheet['free'].' free'.($sheet['later'] === null ? '' : ' on these days')) }}</h2>
@foreach ($sheet['days'] as $day)
<h3>{{ $day['label'] }}</h3>
<ul>
@foreach ($day['stretches'] as $stretch)
@foreach ($stretch['slots'] as $slot)
@if ($slot['state'] === 'free')
<li><a href="/s/{{ $sheet['slug'] }}/book?slot={{ urlencode($slot['key']) }}">{{ $slot['from'] }} to {{ $slot['until'] }}</a></li>
@endif
@endforeach
@endforeach
</ul>
@endforeach
@if ($sheet['later'] !== null)
<p><a href="/s/{{ $sheet['slug'] }}?from={{ $sheet['later'] }}">Later days</a></p>
@endif
</main>
