@extends('plain.page', ['title' => $round['title']])
@section('page')
<h1>{{ $round['title'] }}</h1>
@include('plain.wishes-form')
@endsection
