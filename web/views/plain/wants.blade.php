{{-- What would suit whoever waits: $places and $hosts of the sheet, $chosen as it stands. --}}
@php($say = App\Framework\Words::say(...))
<p><label for="part">{{ $say('booking.wants_when') }}</label><br><select id="part" name="part"><option value="">{{ $say('booking.wants_any_time') }}</option>
@foreach (['morning', 'afternoon', 'late'] as $part)
<option value="{{ $part }}" @selected(($chosen['part'] ?? '') === $part)>{{ $say("booking.wants_$part") }}</option>
@endforeach
</select></p>
@if (count($places) > 1)
<p><label for="place">{{ $say('booking.wants_where') }}</label><br><select id="place" name="place"><option value="">{{ $say('booking.wants_anywhere') }}</option>
@foreach ($places as $id => $label)
<option value="{{ $id }}" @selected((string) ($chosen['place'] ?? '') === (string) $id)>{{ $label }}</option>
@endforeach
</select></p>
@endif
@if (count($hosts) > 1)
<p><label for="host">{{ $say('booking.wants_with') }}</label><br><select id="host" name="host"><option value="">{{ $say('booking.wants_anybody') }}</option>
@foreach ($hosts as $slug => $name)
<option value="{{ $slug }}" @selected(($chosen['host'] ?? '') === $slug)>{{ $name }}</option>
@endforeach
</select></p>
@endif
