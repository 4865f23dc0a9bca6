{{-- What the lists of a round have in common: black on white, a page for each; a list says its columns and its row. --}}
@extends('paper.paper')
@section('title', $title)
@section('style')
@page { margin: 1.3cm; }
body { font: 11pt/1.3 'DejaVu Sans', sans-serif; color: #000; }
h1 { font-size: 17pt; margin: 0; }
.page { page-break-after: always; }
.last { page-break-after: auto; }
tr { page-break-inside: avoid; }
table { width: 100%; border-collapse: collapse; margin-top: 0.3cm; }
td { border-top: 0.75pt solid #000; padding: 3pt 8pt 3pt 0; vertical-align: top; }
@yield('columns')
@endsection
@section('body')
@forelse ($pages as $page)
<div class="page {{ $loop->last ? 'last' : '' }}">
<h1>{{ $page['heading'] }}</h1>
<div>{{ $title }}, {{ $school }}</div>
<table>
@foreach ($page['rows'] as $row)
<tr>
@include($row_of)
</tr>
@endforeach
</table>
</div>
@empty
<p>{{ App\Framework\Words::say('rounds.nobody_yet') }}</p>
@endforelse
@endsection
