@extends('plain.page', ['title' => ($atDoor ? App\Framework\Words::say('knocks.ask_title', ['host' => $sheet->host->name]) : $sheet?->title ?? $round?->title) ?? App\Framework\Words::say('booking.card_title')])
@section('page')
@includeWhen($school !== null, 'plain.masthead', ['school' => $school?->name])
@if ($atDoor)
<h1>{{ App\Framework\Words::say('knocks.ask_title', ['host' => $sheet->host->name]) }}</h1>
<p>{{ App\Framework\Words::say('booking.only_'.$sheet->audience->value, ['school' => $sheet->host->school->name]) }}</p>
@elseif ($sheet !== null)
<h1>{{ App\Framework\Version::title($sheet) }}</h1>
<p>{{ App\Framework\Words::say('booking.sheet_with', ['host' => $sheet->host->name]) }}</p>
<p>{{ App\Framework\Words::say('booking.only_'.$sheet->audience->value, ['school' => $sheet->host->school->name]) }}</p>
@elseif ($round !== null)
<h1>{{ App\Framework\Version::title($round) }}</h1>
<p>{{ App\Framework\Words::say('rounds.only_families', ['school' => $round->school->name]) }}</p>
@else
<h1>{{ App\Framework\Words::say('booking.card_title') }}</h1>
@endif
@if ($sheet?->audience === App\Models\Audience::Staff)
<p><a class="press main" href="{{ $atDoor ? '/staff/knock/'.$sheet->host->slug : '/staff/visit/'.$sheet->slug }}">{{ App\Framework\Words::say('booking.staff_come_in') }}</a></p>
@else
<form method="post" action="/card">
@if ($atDoor)
<input type="hidden" name="door" value="{{ $sheet->host->slug }}">
@elseif ($round !== null)
<input type="hidden" name="round" value="{{ $round->slug }}">
@else
<input type="hidden" name="to" value="{{ $sheet?->slug }}">
@endif
<p><label for="code">{{ App\Framework\Words::say('booking.card_code') }}</label><br>
<input id="code" name="code" class="box" required maxlength="40" autocomplete="off" autocapitalize="characters" spellcheck="false" @if ($message !== '') aria-invalid="true" aria-describedby="wrong" @endif></p>
@if ($message !== '')
<p class="notice" id="wrong" role="alert">{{ $message }}</p>
@endif
<p><button class="press main">{{ App\Framework\Words::say('booking.card_open') }}</button></p>
</form>
<p>{{ App\Framework\Words::say('booking.card_none', ['phone' => $school?->phoneOrNone() ?? 'none']) }}</p>
@endif
@endsection
