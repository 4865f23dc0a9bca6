<main class="sheet-of-paper">
<h1>Meet our staff</h1>
@foreach ($board['doors'] as $door)
<h2>{{ $door['name'] }}</h2>
<p>{{ $door['subject'] }}</p>
<ul>
@foreach ($door['sheets'] as $sheet)
<li><a href="{{ $sheet['path'] }}">{{ $sheet['title'] }}</a>: {{ $sheet['next'] === null ? 'every time is taken' : 'free '.$sheet['next'] }}</li>
@endforeach
</ul>
@endforeach
</main>
