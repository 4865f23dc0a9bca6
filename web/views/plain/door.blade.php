<main class="sheet-of-paper">
<p><a href="/">{{ $door['school'] }}</a></p>
<h1>{{ $door['host']['name'] }}</h1>
<p>{{ implode(', ', array_filter([$door['host']['title'], $door['host']['subject']])) }}</p>
@foreach ($door['sheets'] as $sheet)
<h2><a href="{{ $sheet['path'] }}">{{ $sheet['title'] }}</a></h2>
@if ($sheet['intro'] !== '')<p><bdi>{{ $sheet['intro'] }}</bdi></p>@endif
<p>{{ $sheet['next'] }}</p>
@endforeach
@if ($door['sheets'] === [])
<p>@say('plain.door_nothing') <a href="/">@say('plain.door_others')</a></p>
@endif
@if ($door['knock'] !== null)
<p><a class="press" href="{{ $door['knock'] }}">{{ App\Framework\Words::say('knocks.ask_title', ['host' => $door['host']['name']]) }}</a></p>
@endif
@include('plain.office', ['phone' => $door['office']])
</main>
