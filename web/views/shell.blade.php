<!doctype html>
<html lang="en"@if ($reader !== null) data-clock="{{ $reader->clock }}" data-zone="{{ $reader->zone }}" data-role="{{ $reader->role() }}"@endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>{{ $title }} – Recess</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
@vite([$entry])
@if ($plain !== null)
<noscript>@vite(['web/plain.css'])</noscript>
@endif
</head>
<body>
<div id="page" data-component="{{ $component }}"></div>
<noscript>
@if ($plain !== null)
{!! $plain !!}
@else
<p>This page needs scripts switched on.</p>
@endif
</noscript>
<script type="application/json" id="page-data">{!! $data !!}</script>
</body>
</html>
