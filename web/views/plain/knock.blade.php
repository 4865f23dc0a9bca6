@extends('plain.page', ['title' => $staff->name])
@section('page')
<p><a href="/d/{{ $staff->slug }}">{{ $staff->name }}</a></p>
<p>{{ $message }}</p>
@include('plain.office', ['phone' => $staff->school->phone])
@endsection
