@extends('paper.paper')
@section('title', $run->title)
@section('style')
body { font: 20pt/1.5 'DejaVu Sans', sans-serif; color: #000; text-align: center; }
h1 { font-size: 40pt; line-height: 1.1; margin: 0.4em 0 0.1em; }
.page { page-break-after: always; }
.page:last-child { page-break-after: auto; }
.times { font-size: 24pt; line-height: 1.35; }
.small { font-size: 15pt; }
@endsection
@section('body')
@forelse ($run->doors() as $door => $times)
<div class="page">
<p class="small">{{ $school }}, {{ $day }}</p>
<h1>{{ explode("\n", $door)[0] }}</h1>
<p>{{ explode("\n", $door)[1] ?? '' }}</p>
<p class="times">@foreach ($times as $time){{ $time }}@if (! $loop->last) &middot; @endif @endforeach</p>
<p class="small">@say('paper.outside')</p>
</div>
@empty
<p>@say('paper.nobody')</p>
@endforelse
@endsection
