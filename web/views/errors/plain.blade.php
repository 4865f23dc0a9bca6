<!doctype html>
<html lang="en">
<head>
@include('head')
@vite(['web/visit.ts'], 'build/visit')
</head>
<body>
<main class="sheet-of-paper">
<h1>{{ $title }}</h1>
<p>{{ $text }}</p>
<p><a href="/">To the school’s board</a></p>
</main>
</body>
</html>
