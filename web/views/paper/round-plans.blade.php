@extends('paper.paper')
@section('title', $title)
@section('style')
@page { margin: 1.5cm; }
body { font: 11pt/1.4 'DejaVu Sans', sans-serif; color: #1d2a26; }
h1 { font-size: 16pt; margin: 0; }
.plan { page-break-inside: avoid; border-bottom: 1pt dashed #8a8672; padding: 0.3cm 0 0.6cm; margin-bottom: 0.4cm; }
table { clear: both; width: 100%; border-collapse: collapse; margin-top: 0.2cm; }
td { border-top: 0.5pt solid #8a8672; padding: 3pt 8pt 3pt 0; vertical-align: top; }
img { width: 3.5cm; height: 3.5cm; float: right; }
.when { font-weight: bold; width: 2.4cm; }
@endsection
@section('body')
@forelse ($pages as $page)
<div class="plan">
<img src="{{ $page['qr'] }}" alt="">
<h1>{{ $page['heading'] }}</h1>
<div>{{ $title }}, {{ $school }}</div>
<table>
@foreach ($page['rows'] as $row)
@if ($loop->first || $page['rows'][$loop->index - 1]['date'] !== $row['date'])
<tr><td colspan="4"><strong>{{ $row['date'] }}</strong></td></tr>
@endif
<tr>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td>{{ $row['host'] }}</td>
<td><strong>{{ $row['place'] }}</strong></td>
<td>{{ $row['student'] }}@if ($row['interpreter'] !== '')<br>@say('paper.interprets', ['name' => $row['interpreter']]) @endif</td>
</tr>
@endforeach
</table>
</div>
@empty
<p>{{ App\Framework\Words::say('rounds.nobody_yet') }}</p>
@endforelse
@endsection
