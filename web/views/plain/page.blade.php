<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>{{ $title }} – Recess</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite(['web/plain.css'], 'build/visit')
</head>
<body>
<main class="sheet-of-paper">
@yield('page')
</main>
</body>
</html>
