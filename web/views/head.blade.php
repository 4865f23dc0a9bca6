{{-- What every page has before it begins; a page adds what it loads. --}}
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>{{ $title }} – Recess</title>
<link rel="icon" href="/icon.svg" type="image/svg+xml">
