@extends('paper.paper')
@section('title', $run->title)
@section('style')
@page { margin: 1.3cm; }
body { font: 12pt/1.35 'DejaVu Sans', sans-serif; color: #000; }
h1 { font-size: 18pt; margin: 0; }
table { width: 100%; border-collapse: collapse; margin-top: 0.4cm; }
td { border-top: 1pt solid #000; padding: 5pt 8pt 5pt 0; vertical-align: top; }
tr { page-break-inside: avoid; }
.when { font-weight: bold; font-size: 16pt; width: 3cm; }
.who { font-weight: bold; font-size: 15pt; }
.notes { width: 6cm; border-left: 0.5pt solid #000; padding-left: 8pt; }
.line { border-bottom: 0.5pt dotted #000; height: 0.7cm; }
.small { font-size: 10.5pt; font-weight: normal; }
@endsection
@section('body')
<h1>{{ $day }}</h1>
<p class="small">{{ $run->title }}, {{ $school }}</p>
<table>
@forelse ($run->rows() as $row)
<tr>
<td class="when">{{ App\Framework\Spell::clock($row['from']) }}<br><span class="small">{{ App\Framework\Spell::clock($row['until']) }}<br>{{ $row['place'] }}{{ $row['host'] ? ', '.$row['host'] : '' }}</span></td>
<td><span class="who">{{ $row['student'] ?: $row['who'] }}</span>
<br>@if ($row['student'] !== '' && $row['student'] !== $row['who']){{ $row['who'] }}  @endif {{ $row['phone'] }} @foreach ($row['guests'] as $guest)<br>{{ $guest }}@endforeach
@foreach ($row['answers'] as $question => $answer)<br><span class="small">{{ rtrim($question, ':?') }}: {{ $answer }}</span>@endforeach
@if ($row['note'])<br><span class="small">@say('paper.note', ['note' => $row['note']])</span>@endif</td>
<td class="notes"><span class="small">@if ($row['arrived']) @say('paper.arrived', ['time' => App\Framework\Spell::clock($row['arrived'])]) @else &#9633; @say('paper.here_at') @endif @if ($row['outcome'])({{ $row['outcome'] }})@elseif (! $row['arrived']) &#9633; @say('paper.missed') @endif</span><div class="line"></div><div class="line"></div></td>
</tr>
@empty
<tr><td>@say('paper.nobody')</td></tr>
@endforelse
</table>
@endsection
