{!! $letter->greeting !!}

{!! $letter->news !!}
@if ($letter->word !== '')

“{!! $letter->word !!}”
@endif

@foreach ($letter->facts as $name => $value)
{!! $reading->hears(static fn (): string => App\Framework\Spell::fact($name, $value)) !!}
@endforeach

@if ($letter->buttons !== [])
@foreach ($letter->buttons as $button)
{!! $button['text'] !!}: {!! $button['link'] !!}
@endforeach

@endif
{!! $letter->linkText !!}:
{!! $letter->link !!}

{!! $letter->school !!}
