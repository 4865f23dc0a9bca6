<!doctype html>
<html lang="{{ App\Framework\Reading::now()->language }}" data-clock="{{ App\Framework\Reading::now()->clock }}"@if ($reader !== null) data-zone="{{ $reader->zone }}" data-role="{{ $reader->role() }}"@endif>
<head>
@include('head')
@vite($entries, "build/$side")
@if ($plain !== null || $early !== null)
<noscript>@vite(['web/plain.css'], 'build/visit')</noscript>
@endif
</head>
<body>
<div id="page" data-component="{{ $component }}">{!! $early !!}</div>
@if ($early === null)
<noscript>
@if ($plain !== null)
{!! $plain !!}
@else
<p>@say('plain.scripts')</p>
@endif
</noscript>
@endif
<script type="application/json" id="page-data">{!! $data !!}</script>
@if ($words !== '{}')
<script type="application/json" id="page-words">{!! $words !!}</script>
@endif
</body>
</html>
