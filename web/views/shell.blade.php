<!doctype html>
<html {!! App\Framework\Languages::attributes() !!} data-clock="{{ App\Framework\Reading::now()->clock }}"
@if ($reader !== null) data-zone="{{ $reader->zone }}" data-role="{{ $reader->role() }}"@endif>
<head>
@include('head')
@if ($side === 'visit')
@foreach (App\Framework\Languages::alternates(request()) as $language => $address)
<link rel="alternate" hreflang="{{ $language }}" href="{{ $address }}">
@endforeach
@endif
@vite($entries, "build/$side")
@if ($plain !== null || $early !== null)
<noscript>@vite(['web/plain.css'], 'build/visit')</noscript>
@endif
</head>
<body>
@if ($reader === null && !in_array($component, App\Framework\Page::WITHIN, true))
@include('languages')
@endif
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
