<!doctype html>
<html lang="en">
<head>
@include('head')
@vite(['web/plain.css'], 'build/visit')
</head>
<body>
<main class="sheet-of-paper">
@yield('page')
</main>
</body>
</html>
