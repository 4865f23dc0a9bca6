<?php

declare(strict_types=1);

namespace Tests\App;

use App\Live\Channel;
use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use App\Models\Sheet;
use App\Passes\Joiner;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/**
 * Whatever changes what a pass shows is written down for its open pages, in the press itself; LiveTest shows that a page hears
 * of it within a second. Each verb says for whose page it is.
 */
final class PassHearsTest extends TestCase
{
    use RefreshDatabase;

    private Sheet $sheet;

    private Booking $booking;

    /** @var array<string, Pass> */
    private array $passes = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->sheet = $this->sheet(rules: Stated::of(['guests' => 4, 'approve' => true]));
        $this->book($this->sheet, $this->wish($this->sheet))->assertCreated();
        $this->booking = Booking::query()->firstOrFail();
        $this->passes['owner'] = $this->booking->pass;
    }

    /** @return iterable<string, array{list<string>, list<string>}> what is pressed, the last one being what is heard of, and by whom */
    public static function presses(): iterable
    {
        yield 'a wish is accepted' => [['accept'], ['owner']];
        yield 'a wish is declined' => [['decline'], ['owner']];
        yield 'somebody is added' => [['accept', 'bring'], ['owner', 'guest']];
        yield 'somebody leaves' => [['accept', 'bring', 'leave'], ['owner', 'guest']];
        yield 'it is moved' => [['accept', 'bring', 'move'], ['owner', 'guest']];
        yield 'a move is taken back' => [['accept', 'bring', 'move', 'undo'], ['owner', 'guest']];
        yield 'it is cancelled' => [['accept', 'bring', 'cancel'], ['owner', 'guest']];
        yield 'something else is told' => [['accept', 'answers'], ['owner']];
        yield 'somebody asks to come too' => [['accept', 'ask to join'], ['owner']];
        yield 'they are answered' => [['accept', 'ask to join', 'no'], ['owner']];
        yield 'a name is mended' => [['accept', 'bring', 'mend'], ['owner', 'guest']];
        yield 'the child’s name is mended' => [['accept', 'student'], ['owner']];
        yield 'the room is another' => [['accept', 'bring', 'room'], ['owner', 'guest']];
        yield 'the host offers another time' => [['accept', 'the day', 'offer'], ['owner']];
        yield 'the offer is taken back' => [['accept', 'the day', 'offer', 'no offer'], ['owner']];
        yield 'they say that they are here' => [['accept', 'bring', 'the day', 'here'], ['owner', 'guest']];
        yield 'the host sends a word' => [['accept', 'bring', 'the day', 'word'], ['owner', 'guest']];
        yield 'they answer it' => [['accept', 'bring', 'the day', 'word', 'reply'], ['owner', 'guest']];
        yield 'the desk calls them' => [['accept', 'bring', 'the day', 'here', 'call'], ['owner', 'guest']];
        yield 'the host says how late it is' => [['accept', 'bring', 'the day', 'late'], ['owner', 'guest']];
        yield 'how they are told is another' => [['accept', 'told'], ['owner']];
        yield 'a wish that was not answered lapses' => [['unanswered'], ['owner']];
    }

    /**
     * @param  list<string>  $presses
     * @param  list<string>  $hear
     */
    #[DataProvider('presses')]
    public function test_a_press_is_told_to_every_open_pass_that_shows_it(array $presses, array $hear): void
    {
        foreach ($presses as $what) {
            DB::table('stamps')->delete();
            $this->press($what);
        }
        if (($guest = Guest::query()->first()) !== null) {
            $this->passes['guest'] = $guest->pass;
        }
        $told = DB::table('stamps')->pluck('channel')->all();
        foreach ($hear as $who) {
            self::assertContains(Channel::pass($this->passes[$who]->refresh()), $told, $who);
        }
    }

    private function press(string $what): void
    {
        $id = $this->booking->id;
        $at = static fn(string $time): array => ['slot' => self::EVENING . "T$time:00Z"];
        match ($what) {
            'accept' => $this->staff('post', "/api/staff/bookings/$id/answer", ['answer' => 'accept']),
            'decline' => $this->staff('post', "/api/staff/bookings/$id/answer", ['answer' => 'decline']),
            'cancel' => $this->staff('post', "/api/staff/bookings/$id/cancel"),
            'bring' => $this->own("bookings/$id/guests", ['name' => 'Finn Daly', 'email' => 'finn@mail.example']),
            'leave' => $this->own("bookings/$id/leave", ['guest' => Guest::query()->value('id')]),
            'move' => $this->own("bookings/$id/move", $at('20:45')),
            'undo' => $this->own("bookings/$id/undo"),
            'answers' => $this->own("bookings/$id/answers", ['answers' => ['phone' => '902 555 0155']]),
            'ask to join' => $this->askToJoin(),
            'no' => $this->own("bookings/$id/joiners", [
                'joiner' => Joiner::query()->value('id'),
                'bring' => false,
            ]),
            'mend' => $this->own('holder', ['name' => 'Amara Otoo']),
            'student' => $this->own('student', ['was' => 'Kwame Ferreira', 'name' => 'Kwami Ferreira']),
            'told' => $this->own('late', ['mail' => false, 'text' => false]),
            'room' => $this->staff(
                'put',
                "/api/staff/sheets/{$this->sheet->id}",
                self::form(
                    ['version' => $this->sheet->refresh()->version, 'title' => $this->sheet->title],
                    ['hours' => [['from' => '16:00', 'until' => '17:00']]],
                    ['id' => $this->booking->place_id, 'label' => 'Room 14'],
                    ['guests' => 4, 'approve' => true],
                ),
            ),
            'the day' => CarbonImmutable::setTestNow($this->booking->starts_at->subMinutes(10)),
            'offer' => $this->staff('post', "/api/staff/bookings/$id/offer", $at('20:45') + ['word' => '']),
            'no offer' => $this->staff('delete', "/api/staff/bookings/$id/offer"),
            'here' => $this->own("bookings/$id/here", ['here' => true]),
            'word' => $this->desk(['what' => 'word', 'who' => ["b$id"], 'word' => 'Where are you?']),
            'reply' => $this->own("bookings/$id/word", ['answer' => 'We park the car.']),
            'call' => $this->desk(['what' => 'call', 'who' => ["b$id"]]),
            'late' => $this->desk(['what' => 'late', 'minutes' => 20]),
            'unanswered' => [
                CarbonImmutable::setTestNow($this->booking->starts_at->addMinute()),
                Artisan::call('recess:tidy'),
            ],
        };
    }

    /** Looked up by the worker: the answer says nothing. */
    private function askToJoin(): void
    {
        $this->ask('post', "/api/s/{$this->sheet->slug}/ask-to-join", [
            'student' => 'Kwame Ferreira',
            'name' => 'Orla Byrne',
            'email' => 'orla@mail.example',
        ])->assertSuccessful();
        $this->delivered();
    }

    /** @param  array<string, mixed>  $body */
    private function own(string $what, array $body = []): void
    {
        $this->ask('post', "/api/p/{$this->passes['owner']->token()}/$what", $body)->assertSuccessful();
    }

    /** @param  array<string, mixed>  $body */
    private function staff(string $method, string $path, array $body = []): void
    {
        $this->actingAs($this->sheet->host);
        $this->ask($method, $path, $body)->assertSuccessful();
    }

    /** @param  array<string, mixed>  $body */
    private function desk(array $body): void
    {
        $desk = "/api/staff/desk/{$this->sheet->host->id}";
        $this->actingAs($this->sheet->host);
        $this->staff('post', "$desk/presses", $body + ['revision' => $this->ask('get', $desk)->json('revision')]);
    }
}
