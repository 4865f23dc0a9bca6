@extends('plain.page', ['title' => App\Framework\Version::title($sheet)])
@section('page')
<p><a href="/s/{{ $sheet->slug }}">@say('plain.all_times')</a></p>
<h1>@say('plain.line')</h1>
<p>@say('plain.title_with', ['title' => App\Framework\Version::title($sheet), 'host' => $sheet->host->name])</p>
<p class="notice" role="{{ $done ? 'status' : 'alert' }}">{{ $message }}</p>
@if (! $done)
@include('plain.line-form', [
    'slug' => $sheet->slug,
    'places' => $sheet->places->pluck('label', 'id')->all(),
    'hosts' => $sheet->canChooseHost() ? array_column($sheet->whomToMeet(), 'name', 'slug') : [],
])
@endif
@endsection
