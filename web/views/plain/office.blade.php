<p>{{ App\Framework\Words::say('booking.office', ['phone' => $phone === '' ? 'none' : $phone]) }}</p>
