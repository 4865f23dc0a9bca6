@extends('plain.page', ['title' => $sheet->title])
@section('page')
<p><a href="/s/{{ $sheet->slug }}">All times</a></p>
<h1>Be told when a time comes free</h1>
<p>{{ $sheet->title }}, with {{ $sheet->host->name }}</p>
<p class="notice" role="{{ $done ? 'status' : 'alert' }}">{{ $message }}</p>
@if (! $done)
@include('plain.line-form', [
    'slug' => $sheet->slug,
    'places' => $sheet->places->pluck('label', 'id')->all(),
    'hosts' => $sheet->canChooseHost() ? array_column($sheet->whomToMeet(), 'name', 'slug') : [],
])
@endif
@endsection
