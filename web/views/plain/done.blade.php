<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>Your pass – Recess</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['web/plain.css'])
</head>
<body>
<main class="sheet-of-paper">
<p>{{ $pass['school'] }}</p>
<h1>{{ ($pass['bookings'][0]['state'] ?? '') === 'asked' ? 'You have asked for this time.' : 'This time is yours.' }}</h1>
@foreach ($pass['bookings'] as $booking)
<h2>{{ $booking['date'] }}, {{ $booking['from'] }} to {{ $booking['until'] }}</h2>
<p>{{ $booking['title'] }}, with {{ $booking['host']['name'] }}<br>
@if ($booking['student'] !== '')About {{ $booking['student'] }}<br>@endif
{{ $booking['place']['label'] }} {{ $booking['place']['link'] }}<br>{{ $booking['place']['directions'] }}</p>
<p><a href="{{ $booking['entry_path'] }}">Add to your calendar</a></p>
@endforeach
<p>Keep the address of <a href="{{ $pass['path'] }}">your pass</a> to yourself: it changes or gives back these times.</p>
</main>
</body>
</html>
