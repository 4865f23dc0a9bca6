@extends('paper.paper')
@section('title', App\Framework\Version::title($booking->sheet))
@section('style')
body { font: 12pt/1.5 'DejaVu Sans', sans-serif; color: #1d2a26; }
.slip { border: 1pt dashed #8a8672; padding: 0.6cm; width: 12cm; }
h1 { font-size: 17pt; margin: 0 0 0.3cm; }
.note { color: #5d6a64; font-size: 10pt; }
@endsection
@section('body')
<div class="slip">
<p class="note">{{ $booking->sheet->host->school->name }}</p>
<h1>{{ $when }}</h1>
<p>{!! App\Framework\Words::say('paper.slip_with', ['title' => e(App\Framework\Version::title($booking->sheet)), 'host' => '<strong>'.e($booking->host->name).'</strong>', 'subject' => e($booking->host->subject)]) !!}</p>
<p>{!! App\Framework\Words::say('paper.slip_about', ['student' => '<strong>'.e($booking->student).'</strong>']) !!}</p>
<p>{!! App\Framework\Words::say('paper.slip_where', ['place' => '<strong>'.e(App\Framework\Version::of($booking->sheet, $booking->place->label)).'</strong>']) !!}@if ($booking->place->directions !== '')<br>{{ App\Framework\Version::of($booking->sheet, $booking->place->directions) }}@endif</p>
<p class="note">@say('paper.slip_for', ['name' => $booking->pass->name]) {{ App\Framework\Words::say('booking.slip', ['phone' => $booking->sheet->host->school->phoneOrNone()]) }}</p>
</div>
@endsection
