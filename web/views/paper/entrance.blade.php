@extends('paper.paper')
@section('title', $run->title)
@section('style')
@page { margin: 1.3cm; }
body { font: 13pt/1.35 'DejaVu Sans', sans-serif; color: #000; }
h1 { font-size: 18pt; margin: 0 0 0.4cm; }
table { width: 100%; border-collapse: collapse; }
td { border-top: 0.75pt solid #000; padding: 4pt 8pt 4pt 0; vertical-align: top; }
tr { page-break-inside: avoid; }
.when { white-space: nowrap; font-weight: bold; width: 2.2cm; }
@endsection
@section('body')
<h1>@say('paper.entrance', ['day' => $day])</h1>
<table>
@forelse ($run->rows() as $row)
<tr>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td><strong>{{ $row['who'] }}</strong>@if ($row['student'] !== '' && $row['student'] !== $row['who']), {{ $row['student'] }}@endif</td>
<td>{{ $row['host'] }}</td>
<td><strong>{{ $row['place'] }}</strong></td>
</tr>
@empty
<tr><td>@say('paper.nobody')</td></tr>
@endforelse
</table>
@endsection
