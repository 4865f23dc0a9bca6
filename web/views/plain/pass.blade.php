<main class="sheet-of-paper">
<h1>Your pass</h1>
@foreach ($pass['bookings'] as $booking)
<h2>{{ $booking['date'] }}, {{ $booking['from'] }} to {{ $booking['until'] }} ({{ $booking['state'] }})</h2>
<p>{{ $booking['title'] }}, with {{ $booking['host']['name'] }}<br>{{ $booking['student'] }}<br>{{ $booking['place']['label'] }} {{ $booking['place']['link'] }} {{ $booking['place']['promise'] }}</p>
@endforeach
<p>To move a time or give it back without scripts, ring the office.</p>
</main>
