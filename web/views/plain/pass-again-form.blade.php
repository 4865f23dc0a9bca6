{{-- A letter that leads to one's bookings: $typed as it came, $wrong beside it. --}}
<form method="post" action="/pass-again"><p><label for="again">{{ App\Framework\Words::say('booking.again_address') }}</label><br>
<input id="again" name="email" type="email" autocomplete="email" maxlength="254" required value="{{ $typed ?? '' }}" @if (($wrong ?? '') !== '') aria-invalid="true" aria-describedby="again-wrong" @endif>
@if (($wrong ?? '') !== '')<br><strong id="again-wrong" role="alert">{{ $wrong }}</strong><br>@endif
<button class="press">{{ App\Framework\Words::say('booking.again_press') }}</button></p></form>
