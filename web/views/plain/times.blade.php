{{-- A sheet's times as the document has them: what a reader without scripts uses, and what everybody sees and can press
     before scripts have come. Laid out as web/pages/Visit.svelte, which takes its place without a jump. --}}
@php
use App\Framework\Words;
use App\Framework\Spell;
use App\Visiting\PartsOfDay;
$pass = request()->query('pass');
$line = [
    'slug' => $sheet['slug'],
    'typed' => [],
    'said' => [],
    'pass' => $holder ?? null,
    'places' => array_column($sheet['places'], 'label', 'id'),
    'hosts' => array_column($sheet['choose_host'], 'name', 'slug'),
];
$carry = is_string($pass) && $pass !== '' ? '&pass='.urlencode($pass) : '';
$part = Recess\Time\PartOfDay::tryFrom(App\Framework\Asked::word(request(), 'part'));
$kept = $part === null ? '' : '&part='.$part->value;
$host = $sheet['host'];
$days = $sheet['state'] === 'open' ? $sheet['days'] : [];
@endphp
<main class="sheet-of-paper">
@include('plain.masthead', ['school' => $sheet['school']])
<h1>{{ $sheet['title'] }}</h1>
<div class="mt-2 flex items-center gap-3">@if ($host['picture'])<img src="{{ $host['picture'] }}" alt="" width="48" height="48" class="rounded-full">@else<span class="initials" aria-hidden="true">{{ $host['initials'] }}</span>@endif<p class="text-lg">{!! Words::say('plain.with', ['host' => '<a href="'.e($host['door']).'"><strong>'.e($host['name']).'</strong></a>']) !!}{{ $sheet['also'] === '' ? '' : ' '.$sheet['also'] }}, {{ implode(', ', array_filter([$host['title'], $host['subject']])) }}</p></div>
@if ($sheet['intro'] !== '')<p class="mt-3 max-w-prose whitespace-pre-line"><bdi>{{ $sheet['intro'] }}</bdi></p>@endif
<ul class="mt-3 text-faint">
@foreach ($sheet['places'] as $place)
<li><span class="font-semibold text-ink">{{ $place['label'] }}.</span> <bdi>{{ $place['directions'] }}</bdi></li>
@endforeach
<li>@say('plain.zone', ['zone' => $sheet['zone']]) {{ implode(' ', $sheet['rules']) }}</li>
</ul>
@if ($sheet['state'] !== 'open')
<section class="slip mt-8 max-w-3xl"><h2>{{ Words::say($sheet['state'] === 'paused' ? 'plain.paused' : 'plain.closed') }}</h2><p class="mt-2 whitespace-pre-line">{{ $sheet['note'] === '' ? Words::say('plain.stand') : $sheet['note'] }}</p></section>
@else
<section class="mt-8">
<div class="mb-2 flex flex-wrap items-baseline gap-x-4"><h2>{{ $sheet['none'] === null ? Words::say('booking.pick') : App\Visiting\NoTimes::said($sheet) }}</h2>@if ($sheet['none'] === null)<p class="text-faint">{{ Words::say($sheet['later'] === null ? 'booking.free' : 'booking.free_here', ['free' => $sheet['free']]) }}</p>@endif
{{-- The room of the switch of clocks, which needs scripts. --}}
<span class="early-clock invisible ms-auto inline-flex min-h-11 items-center px-1 text-[0.95rem]"
aria-hidden="true">{{ Words::say('booking.clock') }}</span></div>
@if ($sheet['earliest'] !== null)
<p class="mb-3 flex flex-wrap items-center gap-x-2 gap-y-1">{{ Words::say('booking.earliest') }} <a class="press" href="/s/{{ $sheet['slug'] }}/book?slot={{ urlencode($sheet['earliest']['key']) }}{{ $carry }}">{{ $sheet['earliest']['day'] }}, {{ Spell::clock($sheet['earliest']['from']) }}</a></p>
@endif
@if (($parts = PartsOfDay::of($sheet, $part)) !== [])
<nav class="mb-4 flex flex-wrap gap-2" aria-label="{{ Words::say('booking.parts') }}">
@foreach ($parts as $one)
<a class="press @if ($one['on']) main @endif" @if ($one['on']) aria-current="true" @endif href="/s/{{ $sheet['slug'] }}?part={{ $one['part'] ?? 'any' }}{{ $carry }}">{{ $one['said'] }}</a>
@endforeach
</nav>
@endif
@if (count($sheet['places']) > 1 || count($sheet['choose_host']) > 1)<div class="early-choice" aria-hidden="true"></div>@endif
@if ($sheet['waiting'] && $sheet['none'] === 'taken')
@include('plain.line-form', $line)
@endif
<div class="grid gap-6">
@foreach ($days as $day)
@php $free = PartsOfDay::free([$day], $part); @endphp
@if ($part === null || $free !== [])
<section class="early-day"><h3 class="mb-2 text-[1.05rem]">{{ $day['label'] }}</h3>
@if ($free === [])<p>{{ Words::say('booking.day_none') }}</p>@endif
<ol>
@foreach (PartsOfDay::runs($day) as $run)
@if ($run['apart'])<li class="gap" aria-hidden="true"></li>@endif
@if ($run['key'] === null)
<li class="folded {{ $run['state'] }}">{{ Words::say('booking.slot.'.$run['state'], ['from' => Spell::clock($run['from']), 'until' => Spell::clock($run['until'])]) }}</li>
@elseif ($part === null || in_array($run['key'], array_column($free, 'key'), true))
<li><a data-key="{{ $run['key'] }}" href="/s/{{ $sheet['slug'] }}/book?slot={{ urlencode($run['key']) }}{{ $carry }}">{!! Words::say('plain.from_until', [
    'from' => '<strong>'.e(Spell::clock($run['from'])).'</strong>',
    'until' => e(Spell::clock($run['until'])),
]) !!}</a></li>
@endif
@endforeach
</ol></section>
@endif
@endforeach
</div>
@if ($sheet['later'] !== null)
<p class="mt-4"><a class="press" href="/s/{{ $sheet['slug'] }}?from={{ $sheet['later'] }}{{ $kept }}{{ $carry }}">@say('plain.later')</a></p>
@endif
@if ($sheet['waiting'] && $sheet['none'] !== 'taken')
<details class="mt-6"><summary>@say('plain.line_open')</summary>
@include('plain.line-form', $line)
</details>
@endif
@if ($sheet['knock'] !== null)
<p class="mt-6"><a class="press" href="{{ $sheet['knock'] }}{{ $carry === '' ? '' : '?'.substr($carry, 1) }}">{{ Words::say('knocks.ask_title', ['host' => $host['name']]) }}</a></p>
@endif
</section>
@endif
@include('plain.office', ['phone' => $sheet['phone']])
</main>
