@php
$pass = request()->query('pass');
$carry = is_string($pass) && $pass !== '' ? '&pass='.urlencode($pass) : '';
@endphp
<main class="sheet-of-paper">
<p>{{ $sheet['school'] }}</p>
<h1>{{ $sheet['title'] }}</h1>
<p>with <strong>{{ $sheet['host']['name'] }}</strong>, {{ $sheet['host']['subject'] }}</p>
<p>{{ $sheet['intro'] }}</p>
@if ($sheet['state'] !== 'open')
<p><strong>{{ $sheet['state'] === 'paused' ? 'Booking is paused just now.' : 'Booking has closed.' }}</strong> {{ $sheet['note'] }}</p>
@else
<p>Times are {{ $sheet['zone'] }}. {{ implode(' ', $sheet['rules']) }}</p>
<h2>{{ App\Visiting\NoTimes::said($sheet) }}</h2>
@if ($sheet['waiting'])
<details @if ($sheet['none'] === 'taken') open @endif><summary>No time suits? Be told when one comes free</summary>
@include('plain.line-form', ['slug' => $sheet['slug'], 'typed' => [], 'said' => []])
</details>
@endif
@foreach ($sheet['days'] as $day)
@php $free = collect($day['stretches'])->flatMap(fn ($part) => $part['slots'])->where('state', 'free'); @endphp
<h3>{{ $day['label'] }}</h3>
@if ($free->isEmpty())<p>Nothing is free on this day.</p>@endif
<ul>
@foreach ($free as $slot)
<li><a href="/s/{{ $sheet['slug'] }}/book?slot={{ urlencode($slot['key']) }}{{ $carry }}">{{ $slot['from'] }} to {{ $slot['until'] }}</a></li>
@endforeach
</ul>
@endforeach
@if ($sheet['later'] !== null)
<p><a href="/s/{{ $sheet['slug'] }}?from={{ $sheet['later'] }}{{ $carry }}">Later days</a></p>
@endif
@endif
@include('plain.office', ['phone' => $sheet['phone']])
</main>
