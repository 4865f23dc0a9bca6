@extends('paper.round-pages', ['row_of' => 'paper.round-run-sheets-row'])
@section('columns')
.when { font-weight: bold; font-size: 13pt; width: 2.6cm; }
.phone { white-space: nowrap; width: 3.6cm; }
.here { width: 2.6cm; font-size: 8pt; white-space: nowrap; }
@endsection
