@extends('plain.page', ['title' => App\Framework\Version::title($waiting->sheet)])
@section('page')
@include('plain.masthead', ['school' => $waiting->sheet->host->school->name])
<h1>{{ $heading }}</h1>
<p>@say('plain.title_with', ['title' => App\Framework\Version::title($waiting->sheet), 'host' => $waiting->sheet->host->name])</p>
<p>{{ $more }}</p>
@foreach ($presses as $what => $said)
<form method="post" action="/w/{{ $waiting->token() }}/{{ $what }}"><p><button class="press @if ($what === 'confirm') main @endif">{{ $said }}</button></p></form>
@endforeach
@if ($presses !== [])
@php
    $wants = $waiting->wants();
    $hosts = $waiting->sheet->canChooseHost() ? $waiting->sheet->whomToMeet() : [];
@endphp
<h2>{{ App\Framework\Words::say('booking.wants_heading') }}</h2>
<form method="post" action="/w/{{ $waiting->token() }}/wants">
@include('plain.wants', [
    'places' => $waiting->sheet->places->pluck('label', 'id')->all(),
    'hosts' => array_column($hosts, 'name', 'slug'),
    'chosen' => ['host' => array_column($hosts, 'slug', 'id')[$wants->host] ?? ''] + $wants->toArray(),
])
<p><button class="press">{{ App\Framework\Words::say('booking.wants_only') }}</button></p>
</form>
@endif
<p><a href="/s/{{ $waiting->sheet->slug }}">{{ App\Framework\Words::say('booking.line_see') }}</a></p>
@endsection
