<!doctype html>
<html {!! App\Framework\Languages::attributes() !!}>
<head>
@include('head')
@vite(['web/visit.ts'], 'build/visit')
</head>
<body>
<main class="sheet-of-paper">
<h1>{{ $title }}</h1>
<p>{{ App\Framework\Words::say("errors.{$code}_text") }}</p>
<p><a href="/">@say('plain.to_board')</a></p>
</main>
</body>
</html>
