<!doctype html>
<html {!! App\Framework\Languages::attributes() !!}>
<head>
<meta charset="utf-8">
<title>@yield('title')</title>
<style>
@yield('style')
</style>
</head>
<body>
@yield('body')
</body>
</html>
