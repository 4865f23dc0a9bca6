@extends('paper.paper')
@section('title', App\Framework\Version::title($sheet))
@section('style')
.part + .part { page-break-before: always; }
body { font: 17pt/1.45 'DejaVu Sans', sans-serif; color: #1d2a26; text-align: center; }
h1 { font-size: 34pt; line-height: 1.15; margin: 0.6em 0 0.2em; }
.ticks { border-top: 2pt solid #1d2a26; height: 8pt; background: none; }
img { width: 8.5cm; height: 8.5cm; margin: 0.4cm 0; }
.link { font-size: 14pt; }
.school { color: #5d6a64; font-size: 13pt; }
@endsection
@section('body')
<p class="school">{{ $sheet->host->school->name }}</p>
<h1>{{ App\Framework\Version::title($sheet) }}</h1>
<p>{!! App\Framework\Words::say('paper.with', ['host' => '<strong>'.e($sheet->host->name).'</strong>', 'subject' => e($sheet->host->subject)]) !!}</p>
<div class="ticks"></div>
@foreach ($when as $sentence)
<p>{{ $sentence }}</p>
@endforeach
<p><strong>@say('paper.phone')</strong></p>
<img src="{{ $qr }}" alt="">
<p class="link">{{ $link }}</p>
<p class="school">{{ App\Framework\Words::say('booking.notice', ['phone' => $sheet->host->school->phoneOrNone()]) }}</p>
@endsection
