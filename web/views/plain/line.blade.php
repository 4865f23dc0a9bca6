@extends('plain.page', ['title' => $waiting->sheet->title])
@section('page')
<p>{{ $waiting->sheet->host->school->name }}</p>
<h1>{{ $heading }}</h1>
<p>{{ $waiting->sheet->title }}, with {{ $waiting->sheet->host->name }}</p>
<p>{{ $more }}</p>
@foreach ($presses as $what => $said)
<form method="post" action="/w/{{ $waiting->token() }}/{{ $what }}"><p><button class="press @if ($what === 'confirm') main @endif">{{ $said }}</button></p></form>
@endforeach
@if ($presses !== [])
@php $wants = $waiting->wants(); $hosts = $waiting->sheet->canChooseHost() ? $waiting->sheet->whomToMeet() : []; @endphp
<h2>What would suit you</h2>
<form method="post" action="/w/{{ $waiting->token() }}/wants">
<p><label for="part">When</label><br><select id="part" name="part"><option value="">Any time</option><option value="morning" @selected($wants->part === 'morning')>Mornings</option><option value="afternoon" @selected($wants->part === 'afternoon')>Afternoons, before 16:00</option><option value="late" @selected($wants->part === 'late')>From 16:00</option></select></p>
@if ($waiting->sheet->places->count() > 1)
<p><label for="place">Where</label><br><select id="place" name="place"><option value="">Anywhere</option>@foreach ($waiting->sheet->places as $place)<option value="{{ $place->id }}" @selected($wants->place === $place->id)>{{ $place->label }}</option>@endforeach</select></p>
@endif
@if ($hosts !== [])
<p><label for="host">With</label><br><select id="host" name="host"><option value="">Anybody</option>@foreach ($hosts as $one)<option value="{{ $one->slug }}" @selected($wants->host === $one->id)>{{ $one->name }}</option>@endforeach</select></p>
@endif
<p><button class="press">Only offer me these</button></p>
</form>
@endif
<p><a href="/s/{{ $waiting->sheet->slug }}">{{ App\Framework\Words::say('booking.line_see') }}</a></p>
@endsection
