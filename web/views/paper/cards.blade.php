@extends('paper.paper')
@section('title', $title)
@section('style')
@page { margin: 0.8cm; }
body { font: 9.5pt/1.25 'DejaVu Sans', sans-serif; color: #1d2a26; }
table { width: 100%; border-collapse: collapse; page-break-after: always; }
table:last-of-type { page-break-after: auto; }
tr { page-break-inside: avoid; }
td.card { width: 50%; height: 3.9cm; border: 1pt dashed #8a8672; padding: 0.3cm; vertical-align: top; }
img { width: 3.5cm; height: 3.5cm; float: right; }
strong { font-size: 11pt; }
.code { font-size: 14pt; letter-spacing: 1pt; }
.small { font-size: 7pt; line-height: 1.15; }
@endsection
@section('body')
@if (($cut ?? '') !== '')<p><strong>{{ $cut }}</strong></p>@endif
{{-- A table for each page: one of all takes whoever lays it out as the square of its rows. --}}
@foreach ($pages as $page)
<table>
@foreach (array_chunk($page, 2) as $row)
<tr>
@foreach ($row as $card)
<td class="card">
<img src="{{ $card['qr'] }}" alt="">
<strong>{{ $card['name'] }}</strong> {{ $card['of'] }}<br>
{{ $title }}, {{ $about }}<br>
@if ($card['code'] !== '')<span class="code">{{ $card['code'] }}</span><br>@endif
<span class="small">{{ $card['how'] }}</span>
</td>
@endforeach
@if (count($row) < 2)<td></td>@endif
</tr>
@endforeach
</table>
@endforeach
@if ($pages === [])
<p>{{ App\Framework\Words::say('sheets.card_nobody') }}</p>
@endif
@endsection
