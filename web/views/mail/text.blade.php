{!! $letter->greeting !!}

{!! $letter->news !!}
@if ($letter->word !== '')

“{!! $letter->word !!}”
@endif

@foreach ($letter->facts as $name => $value)
{!! $name !!}: {!! $value !!}
@endforeach

@foreach ($letter->buttons as $button)
{!! $button['text'] !!}: {!! $button['link'] !!}
@endforeach

{!! $letter->linkText !!}:
{!! $letter->link !!}

{!! $letter->school !!}
