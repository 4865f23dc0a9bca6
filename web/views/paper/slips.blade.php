@extends('paper.paper')
@section('title', App\Framework\Version::title($sheet))
@section('style')
.part + .part { page-break-before: always; }
@page { margin: 1cm; }
body { font: 10pt/1.35 'DejaVu Sans', sans-serif; color: #1d2a26; }
table { width: 100%; border-collapse: collapse; }
td.slip { width: 50%; height: 6.6cm; border: 1pt dashed #8a8672; padding: 0.4cm; vertical-align: top; }
img { width: 3.5cm; height: 3.5cm; float: right; }
strong { font-size: 12.5pt; }
.link { font-size: 8pt; }
@endsection
@section('body')
<table>
@for ($row = 0; $row < 4; $row++)
<tr>
@for ($column = 0; $column < 2; $column++)
<td class="slip">
<img src="{{ $qr }}" alt="">
<strong>{{ App\Framework\Version::title($sheet) }}</strong><br>
@say('plain.with', ['host' => $sheet->host->name])<br>
@foreach ($days as $day)
{{ $day }}<br>
@endforeach
@if ($more) @say('paper.more_days')<br>@endif
<br>@say('paper.phone_or_at')<br>
<span class="link">{{ $link }}</span><br><br>
@say('paper.our_time')
</td>
@endfor
</tr>
@endfor
</table>
@endsection
