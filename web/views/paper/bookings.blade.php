@extends('paper.paper')
@section('title', $sheet->title)
@section('style')
body { font: 10.5pt/1.4 'DejaVu Sans', sans-serif; color: #1d2a26; }
h1 { font-size: 17pt; margin: 0; }
h2 { font-size: 12.5pt; margin: 0.5cm 0 0.1cm; }
table { width: 100%; border-collapse: collapse; }
td { border-top: 0.5pt solid #8a8672; padding: 4pt 8pt 4pt 0; vertical-align: top; }
tr { page-break-inside: avoid; }
.when { white-space: nowrap; font-weight: bold; width: 2.8cm; }
.note { color: #5d6a64; font-size: 9pt; }
@endsection
@section('body')
<h1>{{ $sheet->title }}</h1>
<p class="note">{{ $sheet->host->name }}, {{ $sheet->host->school->name }}</p>
@forelse ($days as $day => $bookings)
<h2>{{ $day }}</h2>
<table>
@foreach ($bookings as $booking)
<tr>
<td class="when">{{ $time($booking) }}</td>
<td><strong>{{ $booking->student ?: $booking->pass->name }}</strong>@if ($booking->student !== '')<br>{{ $booking->pass->name }}@endif
@foreach ($booking->guests as $guest)<br>{{ $guest->pass->name }}@endforeach</td>
<td>{{ $booking->pass->phone }}<br><span class="note">{{ $booking->pass->email }}</span></td>
<td>{{ $booking->place->label }}@if ($booking->staff_id !== $sheet->staff_id)<br>{{ $booking->host->name }}@endif
@if ($booking->link ?? $booking->place->link)<br><span class="note">{{ $booking->link ?? $booking->place->link }}</span>@endif</td>
<td>@foreach ($answers($booking) as $question => $answer)<span class="note">{{ $question }}</span><br>{{ $answer }}<br>@endforeach</td>
</tr>
@endforeach
</table>
@empty
<p>{{ App\Framework\Words::say('sheets.nobody_yet') }}</p>
@endforelse
@endsection
