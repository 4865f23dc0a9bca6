@use('App\Framework\Spell')
@use('App\Framework\Words')
@extends('plain.page', ['title' => $answer?->knock->title ?? Words::say('knocks.mail_over_title')])
@section('page')
@if ($answer === null)
<h1>{{ Words::say('knocks.mail_over_title') }}</h1>
<p>{{ Words::say('knocks.mail_over') }}</p>
<p><a class="press" href="/staff/knocks">{{ Words::say('knocks.mail_to_page') }}</a></p>
@else
<h1>{{ $answer->knock->title }}</h1>
<p>{{ Words::say('knocks.mail_from', ['who' => $answer->knock->pass->name, 'student' => $answer->knock->student === '' ? 'none' : $answer->knock->student]) }}</p>
@if ($message !== '')
<p class="notice" role="status">{{ $message }}</p>
@endif
@if (! $done)
<p>{{ Words::say('knocks.mail_ask_'.$answer->answer, ['when' => $answer->choice === null ? '' : Spell::slot($answer->choice->span(), $answer->knock->zone())]) }}</p>
<form method="post">
<p><label for="word">{{ Words::say('knocks.word') }}</label><br>
<textarea id="word" name="word" class="box" rows="3" maxlength="1000"></textarea></p>
<p><button class="press main">{{ Words::say('knocks.mail_press_'.$answer->answer) }}</button></p>
</form>
@endif
<p><a class="press" href="/staff/knocks">{{ Words::say('knocks.mail_to_page') }}</a></p>
@endif
@endsection
