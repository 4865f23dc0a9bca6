<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>{{ $waiting->sheet->title }} – Recess</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['web/plain.css'])
</head>
<body>
<main class="sheet-of-paper">
<p>{{ $waiting->sheet->host->school->name }}</p>
<h1>{{ $heading }}</h1>
<p>{{ $waiting->sheet->title }}, with {{ $waiting->sheet->host->name }}</p>
<p>{{ $more }}</p>
@foreach ($presses as $what => $said)
<form method="post" action="/w/{{ $waiting->token() }}/{{ $what }}"><p><button class="press @if ($what === 'confirm') main @endif">{{ $said }}</button></p></form>
@endforeach
<p><a href="/s/{{ $waiting->sheet->slug }}">{{ App\Framework\Words::say('booking.line_see') }}</a></p>
</main>
</body>
</html>
