{{-- The languages that a visitor can choose from: the same page in the folder of each. Without scripts, too. --}}
@if (request()->isMethod('GET') && count(App\Framework\Languages::offered()) > 1)
<nav class="languages no-print" aria-label="@say('pages.language')">
<details>
<summary>{{ App\Framework\Languages::name(App\Framework\Reading::now()->language) }}</summary>
<ul>
@foreach (App\Framework\Languages::addresses(request()) as $language => $address)
<li><a href="{{ $address }}" lang="{{ $language }}" hreflang="{{ $language }}" dir="{{ App\Framework\Languages::direction($language) }}"@if ($language === App\Framework\Reading::now()->language) aria-current="true" @endif rel="nofollow">{{ App\Framework\Languages::name($language) }}</a></li>
@endforeach
</ul>
</details>
</nav>
@endif
