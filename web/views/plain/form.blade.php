@extends('plain.page', ['title' => $sheet['title']])
@section('page')
<p><a href="/s/{{ $sheet['slug'] }}">@say('plain.all_times')</a></p>
<h1>{{ $sheet['title'] }}</h1>
<p>{!! App\Framework\Words::say('plain.with', ['host' => '<strong>'.e($sheet['host']['name']).'</strong>']) !!}</p>
@if ($message !== '')
<p class="notice" role="alert">{{ $message }}</p>
@endif
@php
$chosen = collect($sheet['days'])->flatMap(fn ($day) => collect($day['stretches'])->flatMap(fn ($part) => $part['slots'])->map(fn ($one) => $one + ['label' => $day['label']]))->firstWhere('key', $slot);
@endphp
<h2>@if ($chosen === null) @say('plain.choose') @else
@say('plain.day_time', [
    'day' => $chosen['label'],
    'from' => App\Framework\Spell::clock($chosen['from']),
    'until' => App\Framework\Spell::clock($chosen['until']),
]) @endif</h2>
<form method="post" action="/s/{{ $sheet['slug'] }}/book">
<input type="hidden" name="request_key" value="{{ $typed['request_key'] ?? (string) Str::uuid() }}">
<p><label for="slot">@say('plain.time')</label><br>
<select id="slot" name="slot">
@foreach ($sheet['days'] as $day)
@foreach ($day['stretches'] as $stretch)
@foreach ($stretch['slots'] as $one)
@if ($one['state'] === 'free')
<option value="{{ $one['key'] }}" @selected($one['key'] === $slot)>{{ $day['short'] }}, {{ App\Framework\Spell::clock($one['from']) }}@if (isset($one['places']) && count($one['places']) < count($sheet['places'])) ({{ implode(', ', array_column(array_filter($sheet['places'], static fn ($place) => in_array($place['id'], $one['places'], true)), 'label')) }})@endif</option>
@endif
@endforeach
@endforeach
@endforeach
</select></p>
@if (count($sheet['places']) > 1)
<p><label for="place">@say('plain.where')</label><br><select id="place" name="place">
@foreach ($sheet['places'] as $place)
<option value="{{ $place['id'] }}" @selected(($typed['place'] ?? '') == $place['id'])>{{ $place['label'] }}</option>
@endforeach
</select></p>
@else
<input type="hidden" name="place" value="{{ $sheet['places'][0]['id'] ?? '' }}">
<p>{{ $sheet['places'][0]['label'] ?? '' }}{{ ($sheet['places'][0]['directions'] ?? '') === '' ? '' : ': '.$sheet['places'][0]['directions'] }}</p>
@endif
@if ($pass === null)
<p><label for="name">@say('plain.name')</label><br><input id="name" name="name" autocomplete="name" value="{{ $typed['name'] ?? '' }}">@isset($said['name'])<br><strong>{{ $said['name'] }}</strong>@endisset</p>
<p><label for="email">@say('plain.email')</label><br><input id="email" name="email" type="email" autocomplete="email" value="{{ $typed['email'] ?? '' }}">@isset($said['email'])<br><strong>{{ $said['email'] }}</strong>@endisset</p>
@else
<input type="hidden" name="pass" value="{{ $pass->token() }}">
<p>@say('plain.known')</p>
@endif
@foreach ($sheet['questions'] as $question)
@php $key = $question['key']; $answer = $typed['answers'][$key] ?? ($pass === null ? '' : ($key === 'phone' ? $pass->phone : '')); @endphp
@include('plain.question', ['only' => $key === 'student' && $sheet['children'] !== null, 'id' => "q-$key", 'name' => "answers[$key]", 'error' => $said["answers.$key"] ?? ''])
@endforeach
<p><button class="press main">{{ App\Framework\Words::say($sheet['approve'] ? 'plain.ask' : 'plain.book') }}</button></p>
</form>
@endsection
