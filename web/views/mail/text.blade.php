{!! $letter->greeting !!}

{!! $letter->news !!}
@if ($letter->word !== '')

“{!! $letter->word !!}”
@endif

@foreach ($letter->facts as $name => $value)
{!! $name !!}: {!! $value !!}
@endforeach

{!! $letter->linkText !!}:
{!! $letter->link !!}

{!! $letter->school !!}
