<main class="sheet-of-paper">
<h1>{{ $round['title'] }}</h1>
@if ($round['wishes'] !== null)
@include('plain.wishes-form')
@else
<p>{{ App\Framework\Words::say('rounds.no_scripts') }}</p>
<ul>
@foreach ($round['sheets'] as $sheet)
<li><a href="/s/{{ $sheet['slug'] }}{{ $pass === null ? '' : '?pass='.$pass->token() }}">{{ $sheet['host']['name'] }}@if ($sheet['host']['subject'] !== ''), {{ $sheet['host']['subject'] }}@endif</a></li>
@endforeach
</ul>
@endif
</main>
