<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $title }}</title>
<style>
@include('paper.round-style')
table { width: 100%; border-collapse: collapse; margin-top: 0.2cm; }
td { border-top: 0.75pt solid #000; padding: 3pt 8pt 3pt 0; vertical-align: top; }
.when { white-space: nowrap; font-weight: bold; width: 2.2cm; }
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
<td style="width: 5.5cm"><strong>{{ $row['family'] }}</strong></td>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}</td>
<td style="width: 5.5cm">{{ $row['host'] }}</td>
<td><strong>{{ $row['place'] }}</strong></td>
</tr>
@endforeach
</table>
</div>
@empty
<p>{{ App\Framework\Words::say('rounds.nobody_yet') }}</p>
@endforelse
</body>
</html>
