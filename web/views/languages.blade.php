{{-- The languages that a visitor can choose from: the same page in the folder of each. Without scripts, too. --}}
@php
use App\Framework\Languages;
use App\Framework\Reading;

$read = Reading::now()->language;
@endphp
@if (request()->isMethod('GET') && count(Languages::offered()) > 1)
<nav class="languages no-print" aria-label="@say('pages.language')">
<details>
<summary>{{ Languages::name($read) }}</summary>
<ul>
@foreach (Languages::addresses(request()) as $language => $address)
<li><a href="{{ $address }}" lang="{{ $language }}" dir="{{ Languages::direction($language) }}"
hreflang="{{ $language }}" rel="nofollow"
@if ($language === $read) aria-current="true" @endif>{{ Languages::name($language) }}</a></li>
@endforeach
</ul>
</details>
</nav>
@endif
