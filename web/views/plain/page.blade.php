<!doctype html>
<html {!! App\Framework\Languages::attributes() !!}>
<head>
@include('head')
@vite(['web/plain.css'], 'build/visit')
</head>
<body>
@include('languages')
<main class="sheet-of-paper">
@yield('page')
</main>
</body>
</html>
