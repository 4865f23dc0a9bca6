@extends('plain.page', ['title' => App\Framework\Words::say('keeping.page_title')])
@section('page')
<p><a href="/p/{{ $pass->token() }}">{{ App\Framework\Words::say('keeping.page_back') }}</a></p>
<h1>{{ App\Framework\Words::say('keeping.page_title') }}</h1>
<p>{{ App\Framework\Words::say('keeping.page_intro', ['school' => $school?->name ?? '', 'days' => $school?->keep_days ?? 180]) }}</p>
<p><strong>{{ $kept['you']['name'] }}</strong><br>{{ implode(' · ', array_filter([$kept['you']['email'], $kept['you']['email_to_be'], $kept['you']['phone']])) }}</p>
@if ($kept['school_lists'] !== null)
<p>{{ App\Framework\Words::say('keeping.page_lists') }} {{ implode(' · ', array_filter([$kept['school_lists']['name'], $kept['school_lists']['email'], $kept['school_lists']['phone'], $kept['school_lists']['language'], ...array_column($kept['school_lists']['students'], 'name')])) }}</p>
@endif
@forelse ($kept['meetings'] as $one)
<h2>{{ $one['sheet'] }}</h2>
<p>{{ $one['said'] }}<br>{{ implode(' · ', array_filter([$one['with'], $one['place'], $one['student'], App\Framework\Words::say('keeping.page_state', ['state' => $one['state']]), $one['note'], $one['answer'], ...$one['guests'], ...$one['asked_to_come'], $one['day']['word'] ?? '', $one['day']['answer'] ?? ''])) }}</p>
@if ((array) $one['answers'] !== [])
<ul>
@foreach ((array) $one['answers'] as $name => $value)
<li>@say('keeping.page_answer', ['question' => $name, 'answer' => is_array($value) ? implode(', ', $value) : (is_bool($value) ? App\Framework\Words::say($value ? 'keeping.page_yes' : 'keeping.page_no') : (string) $value)])</li>
@endforeach
</ul>
@endif
@empty
<p>{{ App\Framework\Words::say('keeping.page_no_meetings') }}</p>
@endforelse
@foreach ([...$kept['brought_to'], ...$kept['in_line']] as $one)
<p>{{ $one['meeting'] ?? $one['sheet'] }}</p>
@endforeach
<p><a class="press" href="/p/{{ $pass->token() }}/kept.json" download>{{ App\Framework\Words::say('keeping.page_file') }}</a></p>
<details>
<summary>{{ App\Framework\Words::say('keeping.page_forget') }}</summary>
<p>{{ App\Framework\Words::say('keeping.page_forget_says', ['ahead' => count(array_filter($kept['meetings'], static fn ($one) => $one['ends'] > gmdate('Y-m-d\TH:i:s\Z') && ! in_array($one['state'], ['cancelled', 'declined'], true)))]) }}</p>
@if ($kept['school_lists'] !== null)
<p>{{ App\Framework\Words::say('keeping.page_forget_lists') }}</p>
@endif
<form method="post" action="/p/{{ $pass->token() }}/forget">
<button class="press away" name="sure" value="yes">{{ App\Framework\Words::say('keeping.page_sure') }}</button>
</form>
</details>
@endsection
