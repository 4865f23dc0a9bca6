{{-- One question: $question as it is asked, $id and $name of its field, $answer as it was typed, $error beside it, $students known; $only whether it is about one of them and nobody else. --}}
<p><label for="{{ $id }}">{{ $question['required'] ? $question['label'] : App\Framework\Words::say('plain.if_you_like', ['question' => $question['label']]) }}</label><br>
@if ($question['help'] !== '')<small>{{ $question['help'] }}</small><br>@endif
@switch(($only ?? false) ? 'one of' : $question['kind'])
@case('one of')
<select id="{{ $id }}" name="{{ $name }}">
@if (count($students) > 1)<option value=""></option>@endif
@foreach ($students as $one)<option @selected($answer === $one)>{{ $one }}</option>@endforeach
</select>
@break
@case('long')
<textarea id="{{ $id }}" name="{{ $name }}" rows="4">{{ is_string($answer) ? $answer : '' }}</textarea>
@break
@case('choice')
<select id="{{ $id }}" name="{{ $name }}"><option value=""></option>
@foreach ($question['choices'] as $n => $choice)<option value="{{ $choice }}" @selected($answer === $choice)>{{ $question['choices_said'][$n] ?? $choice }}</option>@endforeach
</select>
@break
@case('several')
@foreach ($question['choices'] as $n => $choice)
<input type="checkbox" id="{{ $id }}{{ $n === 0 ? '' : "-$n" }}" name="{{ $name }}[]" value="{{ $choice }}"
    @checked(is_array($answer) && in_array($choice, $answer, true))> {{ $question['choices_said'][$n] ?? $choice }}<br>
@endforeach
@break
@case('yes or no')
<select id="{{ $id }}" name="{{ $name }}">
<option value=""></option>
<option value="1" @selected($answer === '1' || $answer === true)>@say('plain.yes')</option>
<option value="0" @selected($answer === '0' || $answer === false)>@say('plain.no')</option>
</select>
@break
@default
<input id="{{ $id }}" name="{{ $name }}" value="{{ is_string($answer) ? $answer : '' }}"
    @if ($question['key'] === 'student' && $students !== []) list="students" @endif>
@if ($question['key'] === 'student' && $students !== [])
<datalist id="students">@foreach ($students as $one)<option value="{{ $one }}">@endforeach</datalist>
@endif
@endswitch
@if ($error !== '')<br><strong>{{ $error }}</strong>@endif
</p>
