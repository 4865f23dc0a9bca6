@extends('paper.round-pages', ['row_of' => 'paper.round-entrance-row'])
@section('columns')
.when { white-space: nowrap; font-weight: bold; width: 2.2cm; }
@endsection
