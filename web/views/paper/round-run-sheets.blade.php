<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>
@include('paper.round-style')
table { width: 100%; border-collapse: collapse; margin-top: 0.3cm; }
td { border-top: 0.75pt solid #000; padding: 3pt 8pt 3pt 0; vertical-align: top; }
.when { font-weight: bold; font-size: 13pt; width: 2.6cm; }
.phone { white-space: nowrap; width: 3.6cm; }
.here { width: 2.6cm; font-size: 8pt; white-space: nowrap; }
</style>
</head>
<body>
@forelse ($pages as $page)
<div class="page {{ $loop->last ? 'last' : '' }}">
<h1>{{ $page['heading'] }}</h1>
<div>{{ $title }}, {{ $school }}</div>
<table>
@foreach ($page['rows'] as $row)
<tr>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td><strong>{{ $row['student'] ?: $row['family'] }}</strong>@if ($row['student'] !== ''), {{ $row['family'] }}@endif @if ($row['interpreter'] !== '')<br>{{ $row['interpreter'] }} interprets @endif @if ($row['needs'] !== '')<br>{{ $row['needs'] }} @endif</td>
<td class="phone">{{ $row['phone'] }}</td>
<td class="phone" style="width: 2.4cm">{{ $row['place'] }}</td>
<td class="here">&#9633; here &#9633; not</td>
</tr>
@endforeach
</table>
</div>
@empty
<p>{{ App\Framework\Words::say('rounds.nobody_yet') }}</p>
@endforelse
</body>
</html>
