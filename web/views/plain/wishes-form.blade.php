@php($names = array_column($round['sheets'], null, 'slug'))
@php($sent = array_map(static fn (array $one): string => $one['student'].' '.$one['sheet'], $round['wishes']['sent']['picks'] ?? []))
@php($told = array_column($round['wishes']['sent']['about'] ?? [], 'answers', 'student'))
@php($come = array_column($round['wishes']['sent']['windows'] ?? [], 'date'))
@if (($message ?? '') !== '')
<p class="notice" role="alert">{{ $message }}</p>
@endif
<p>{{ $round['wishes']['said'] }} {{ $round['wishes']['sent_said'] }}</p>
@if ($round['wishes']['open'] && $pass !== null && $round['children'] !== null)
<p>{{ App\Framework\Words::say('allotting.plain_how') }}</p>
<form method="post" action="/r/{{ $round['slug'] }}/wishes">
<input type="hidden" name="pass" value="{{ $pass->token() }}">
@foreach ($round['children'] as $c => $child)
<fieldset>
<legend>{{ $child['name'] }}</legend>
@foreach ($child['teachers'] as $slug)
@php($at = array_search($child['name'].' '.$slug, $sent, true))
<p><label><input class="box" style="width: 4rem" type="number" min="1" max="20" inputmode="numeric" name="rank[{{ $child['name'] }}][{{ $slug }}]" value="{{ ($rank[$child['name']][$slug] ?? null) ?? ($at === false ? '' : $at + 1) }}"> {{ $names[$slug]['host']['name'] ?? '' }}, {{ $names[$slug]['host']['subject'] ?? '' }}</label></p>
@endforeach
@if ($round['questions'] !== [])
<input type="hidden" name="about[{{ $c }}][student]" value="{{ $child['name'] }}">
@foreach ($round['questions'] as $question)
@php($key = $question['key'])
@include('plain.question', [
    'id' => "q-$c-$key", 'name' => "about[$c][answers][$key]", 'students' => [],
    'answer' => ($typed[$child['name']] ?? $told[$child['name']] ?? [])[$key] ?? '',
    'error' => $said["about.{$child['name']}.$key"] ?? '',
])
@endforeach
@endif
</fieldset>
@endforeach
<fieldset>
<legend>{{ App\Framework\Words::say('allotting.plain_when') }}</legend>
@foreach ($round['dates'] as $date)
@if (! $date['over'])
<p><label><input type="checkbox" name="dates[]" value="{{ $date['date'] }}" @checked($come === [] || in_array($date['date'], $come, true))> {{ $date['label'] }}, {{ $date['from'] }}–{{ $date['until'] }}</label></p>
@endif
@endforeach
</fieldset>
@if ($pass->phone === '')
<p><label for="phone">{{ App\Framework\Words::say('allotting.plain_phone') }}</label><br><input class="box" id="phone" name="phone" type="tel" autocomplete="tel" required></p>
@endif
<p><button class="press main">{{ App\Framework\Words::say('allotting.plain_send') }}</button></p>
</form>
@endif
