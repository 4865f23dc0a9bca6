@php
    $names = array_column($round['sheets'], null, 'slug');
    $sent = $asked ?? ($round['wishes']['sent'] ?? $round['asked'] ?? []);
    $ranks = array_flip(array_map(static fn (array $one): string => $one['student'].' '.$one['sheet'], $sent['picks'] ?? []));
    $told = array_column($sent['about'] ?? [], 'answers', 'student');
    $come = collect($sent['windows'] ?? [])->groupBy('date');
    $say = App\Framework\Words::say(...);
    // Where the school knows nobody, whoever wishes writes the names; there is room for one more.
    $typed = $round['children'] === null;
    $written = $asked['child'] ?? array_values(array_unique(array_column($sent['picks'] ?? [], 'student')));
    $children = $round['children'] ?? array_map(
        static fn (mixed $name): array => ['name' => is_string($name) ? $name : '', 'teachers' => array_keys($names)],
        array_pad($written, max(3, count($written) + 1), ''),
    );
    // Who they are, where their pass does not say it.
    $unknown = array_filter([
        'name' => $pass === null ? ['text', 'name'] : null,
        'email' => $pass === null ? ['email', 'email'] : null,
        'phone' => ($pass->phone ?? '') === '' ? ['tel', 'tel'] : null,
    ]);
@endphp
@if (($message ?? '') !== '')
<p class="notice" role="alert">{{ $message }}</p>
@endif
@if ($round['gone'] !== '')
<p class="notice">{{ $round['gone'] }}</p>
@endif
<p>{{ $round['wishes']['said'] }} {{ $round['wishes']['sent_said'] }}</p>
@if ($round['wishes']['open'])
<p>{{ $say('allotting.plain_how') }}</p>
<form method="post" action="/r/{{ $round['slug'] }}/wishes">
@if ($pass !== null)
<input type="hidden" name="pass" value="{{ $pass->token() }}">
@endif
@foreach ($children as $c => $child)
<fieldset>
@if ($typed)
<legend>{{ $say('allotting.plain_child', ['n' => $c + 1]) }}</legend>
<p><label for="child-{{ $c }}">{{ $say('allotting.plain_child_name') }}</label><br>
<input class="box" id="child-{{ $c }}" name="child[{{ $c }}]" value="{{ $child['name'] }}" maxlength="120"></p>
@else
<legend>{{ $child['name'] }}</legend>
@endif
@php
    $theirs = array_filter(array_keys($names), static fn (string $slug): bool => in_array($slug, $child['teachers'], true) || isset($ranks[$child['name'].' '.$slug]));
@endphp
@foreach ($theirs as $slug)
@include('plain.wish')
@endforeach
@if (count($theirs) < count($names))
<details>
<summary>{{ $say('allotting.plain_others') }}</summary>
@foreach (array_diff(array_keys($names), $theirs) as $slug)
@include('plain.wish')
@endforeach
</details>
@endif
@if ($round['questions'] !== [])
@if (!$typed)
<input type="hidden" name="about[{{ $c }}][student]" value="{{ $child['name'] }}">
@endif
@foreach ($round['questions'] as $question)
@php($key = $question['key'])
@include('plain.question', [
    'id' => "q-$c-$key", 'name' => "about[$c][answers][$key]", 'students' => [],
    'answer' => ($told[$child['name']] ?? [])[$key] ?? '',
    'error' => $said["about.{$child['name']}.$key"] ?? '',
])
@endforeach
@endif
</fieldset>
@endforeach
<fieldset>
<legend>{{ $say('allotting.plain_when') }}</legend>
@foreach ($round['dates'] as $date)
@continue($date['over'])
@php($hours = $come[$date['date']] ?? collect())
<p><label><input type="checkbox" name="comes[]" value="{{ $date['date'] }}" @checked($come->isEmpty() || $hours->isNotEmpty())> {{ $date['label'] }}</label><br>
<input type="hidden" name="dates[]" value="{{ $date['date'] }}">
@foreach ([0, 1] as $n)
@foreach (['from', 'until'] as $which)
@php($value = $hours[$n][$which] ?? ($n === 0 ? $date[$which] : ''))
<label>{{ $say("allotting.plain_$which".($n === 0 ? '' : '_again')) }} <select class="pick" name="{{ $which }}[{{ $date['date'] }}][{{ $n }}]">
@if ($n === 1)
<option value=""></option>
@endif
@foreach ($date['steps'] as $step)
<option value="{{ $step['said'] }}" @selected($step['said'] === $value)>{{ App\Framework\Spell::clock($step['said']) }}</option>
@endforeach
</select></label>
@endforeach
@endforeach
</p>
@endforeach
</fieldset>
<fieldset>
<legend>{{ $say('allotting.plain_needs') }}</legend>
<p><label>{{ $say('allotting.plain_walk') }} <select class="pick" name="walk">
@foreach (array_unique([$round['walk'], 5, 10, 15, 20, (int) ($sent['walk'] ?? $round['walk'])]) as $minutes)
@continue($minutes < $round['walk'])
<option value="{{ $minutes }}" @selected($minutes === (int) ($sent['walk'] ?? $round['walk']))>{{ $say('allotting.plain_minutes', ['n' => $minutes]) }}</option>
@endforeach
</select></label></p>
<p><label>{{ $say('allotting.plain_breather') }} <select class="pick" name="breather">
@foreach (array_unique([0, 5, 10, 15, 30, (int) ($sent['breather'] ?? 0)]) as $minutes)
<option value="{{ $minutes }}" @selected($minutes === (int) ($sent['breather'] ?? 0))>{{ $say('allotting.plain_minutes', ['n' => $minutes]) }}</option>
@endforeach
</select></label></p>
@if ($round['languages'] !== [])
<p><label>{{ $say('allotting.plain_interpreter') }} <select class="pick" name="interpreter">
<option value="">{{ $say('allotting.plain_no_interpreter') }}</option>
@foreach ($round['languages'] as $language)
<option value="{{ $language['code'] }}" @selected(($sent['interpreter'] ?? '') === $language['code'])>{{ $language['name'] }}</option>
@endforeach
</select></label></p>
@endif
<p><input type="hidden" name="ground" value="0"><label><input type="checkbox" name="ground" value="1" @checked((bool) ($sent['ground'] ?? false))> {{ $say('allotting.plain_ground') }}</label></p>
</fieldset>
@foreach ($unknown as $field => [$type, $fill])
<p><label for="{{ $field }}">{{ $say("allotting.plain_$field") }}</label><br>
<input class="box" id="{{ $field }}" name="{{ $field }}" type="{{ $type }}" value="{{ $asked[$field] ?? '' }}"
    autocomplete="{{ $fill }}" required>
@if (($said[$field] ?? '') !== '')
<br><strong>{{ $said[$field] }}</strong>
@endif
</p>
@endforeach
<p><button class="press main">{{ $say('allotting.plain_send') }}</button></p>
</form>
@endif
