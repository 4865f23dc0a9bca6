<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Guardian;
use App\Directory\Headings;
use App\Directory\Student;
use App\Models\Pass;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** A file of students: nobody is merged in silence, who may be two is asked, and for a day it can be taken back. */
final class RollsTest extends TestCase
{
    use RefreshDatabase;

    private const TWO =
        "Nr.;Student;Class;Parent;Parent email\n" .
        ";Ada Fay;7B;Uma Fay;uma@mail.example\n" .
        ";Ada Fay;7B;Ida Fay;ida@mail.example\n" .
        ";Cy Fay;8A;Uma Fay;uma@mail.example\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->office();
    }

    private function office(): void
    {
        $this->actingAs(tap($this->host('Ngozi Barre'))->update(['office' => true]));
    }

    /** @param  array<string, string>  $answers */
    private function look(string $bytes, array $answers = [], string $whole = 'no', string $press = ''): TestResponse
    {
        $body = ['whole' => $whole, 'answers' => json_encode((object) $answers, JSON_THROW_ON_ERROR)];
        $send = fn(string $path, array $more): TestResponse => $this->call(
            'POST',
            "/api/staff/directory/file$path",
            $body + $more,
            [],
            ['file' => UploadedFile::fake()->createWithContent('roll', $bytes)],
            ['HTTP_ACCEPT' => 'application/json'],
        );
        $look = $send('', [])->assertOk();

        return $press === '' ? $look : $send("/$press", ['digest' => $look->json('plan.digest')]);
    }

    /** @return array<string, list<string>> whom each student’s guardians are, by name and class */
    private function known(): array
    {
        $known = [];
        foreach (
            Student::query()
                ->whereNull('put_away_at')
                ->with(['classes', 'guardians'])
                ->orderBy('id')
                ->get()
            as $one
        ) {
            $known["$one->name " . $one->classes->pluck('name')->implode('+')][] = $one->guardians
                ->pluck('name')
                ->sort()
                ->implode('+');
        }

        return $known;
    }

    public function test_two_lines_of_one_name_are_asked_and_never_one_student_in_silence(): void
    {
        $look = $this->look(self::TWO)->assertJsonPath('plan.open', 1);
        self::assertStringContainsString('Lines 2 and 3 are both Ada Fay', (string) $look->json('plan.asks.0.said'));
        self::assertStringContainsString('One line waits for your answer.', (string) $look->json('plan.said'));
        $this->look(self::TWO, press: 'bring-in')->assertConflict();
        self::assertSame(0, Student::query()->count());

        $this->look(self::TWO, ['3' => 'two'], press: 'bring-in')->assertCreated();
        self::assertSame(['Ada Fay 7B' => ['Uma Fay', 'Ida Fay'], 'Cy Fay 8A' => ['Uma Fay']], $this->known());
        // The same again: who looks after them tells which is which, and nothing would change.
        $this->look(self::TWO, ['3' => 'two'], 'yes')
            ->assertJsonPath('plan.empty', true)
            ->assertJsonPath('plan.open', 0);
        // Whom nobody tells apart is asked, and is not taken for gone meanwhile.
        $bare = "Student;Class\nAda Fay;7B\nCy Fay;8A\n";
        $this->look($bare, whole: 'yes')
            ->assertJsonPath('plan.open', 1)
            ->assertJsonPath('plan.gone', [])
            ->assertJsonPath('plan.new', []);
        // That it is one of two is no answer.
        $this->look($bare, ['*' => 'one'])->assertJsonPath('plan.open', 1);
    }

    public function test_one_student_with_two_lines_and_a_line_that_is_left_out(): void
    {
        $this->look(self::TWO, ['*' => 'one'], press: 'bring-in')->assertCreated();
        self::assertSame(['Ada Fay 7B' => ['Ida Fay+Uma Fay'], 'Cy Fay 8A' => ['Uma Fay']], $this->known());
        // In two classes without a number: one student or two, and this time it is another one who stays out.
        $other = str_replace('Ada Fay;7B;Ida', 'Ada Fay;7C;Ida', self::TWO);
        $this->look($other)->assertJsonPath('plan.open', 1);
        $this->look($other, ['3' => 'out'])
            ->assertJsonPath('plan.open', 0)
            ->assertJsonPath('plan.new', []);
    }

    public function test_a_student_is_found_without_accents_and_in_any_order(): void
    {
        $this->look("Nr;Student;Class;Parent\n1;Étienne Roy;7B;Zoë Roy\n2;Eva Rey;7B;Ann Rey\n", press: 'bring-in');
        foreach (['etienne', 'roy ETIENNE', 'Roy, Étienne', 'zoe roy', '1'] as $sought) {
            self::assertSame(
                ['Étienne Roy'],
                array_column(
                    $this->ask('get', '/api/staff/directory?' . http_build_query(['sought' => $sought]))->json(
                        'students',
                    ),
                    'name',
                ),
                $sought,
            );
        }
        $this->ask('get', '/api/staff/directory?sought=%25')->assertJsonPath('found', 0);
    }

    public function test_lists_are_in_the_order_of_family_names(): void
    {
        // Where a file says it apart it is what it says; else the last word of the name.
        $this->look(
            press: 'bring-in',
            bytes: "Given name;Family name;Class\nAna;García López;7A\nBo;Ito;7A\nZoë;Ash;7A\n",
        );
        $this->look(press: 'bring-in', bytes: "Student;Class\nMaja van Berg;7A\n");
        self::assertSame(
            ['Zoë Ash', 'Maja van Berg', 'Ana García López', 'Bo Ito'],
            array_column($this->ask('get', '/api/staff/directory')->json('students'), 'name'),
        );
        // Mended by hand it is another name.
        Student::query()
            ->where('name', 'Ana García López')
            ->firstOrFail()
            ->update(['name' => 'Ana López']);
        self::assertSame('lópez ana lópez', Student::query()->where('name', 'Ana López')->value('sort_key'));
    }

    public function test_another_number_of_the_same_name_is_asked(): void
    {
        $this->look("Nr;Student;Class\n1;Ada Fay;7B\n", press: 'bring-in')->assertCreated();
        $again = "Nr;Student;Class\n77;Ada Fay;7B\n";
        $look = $this->look($again)->assertJsonPath('plan.open', 1);
        self::assertStringContainsString('number 77', (string) $look->json('plan.asks.0.said'));
        $this->look($again, ['*' => 'one'], press: 'bring-in')->assertCreated();
        self::assertSame(['77'], Student::query()->pluck('number')->all());
        $this->look("Nr;Student;Class\n78;Ada Fay;7B\n", ['*' => 'two'], press: 'bring-in')->assertCreated();
        self::assertSame(['77', '78'], Student::query()->orderBy('id')->pluck('number')->all());
        // Where the file has both, the numbers say it, and nothing is asked.
        $this->look("Nr;Student;Class\n77;Ada Fay;7B\n78;Ada Fay;7B\n")->assertJsonPath('plan.asked', 0);
    }

    public function test_of_a_name_without_an_address_there_may_be_two_guardians(): void
    {
        $this->look("Nr;Student;Class;Parent\n1;Ada Fay;7B;Maria Silva\n2;Bo Ray;8A;Maria Silva\n", press: 'bring-in');
        self::assertSame(2, Guardian::query()->where('name', 'Maria Silva')->count());
        // The same again makes no third.
        $this->look("Nr;Student;Class;Parent\n1;Ada Fay;7B;Maria Silva\n2;Bo Ray;8A;Maria Silva\n")->assertJsonPath(
            'plan.empty',
            true,
        );
    }

    /** @return iterable<string, array{string, list<string>}> the headings of a table as offices write them; from memory */
    public static function tables(): iterable
    {
        $usual = ['student_number', 'student_family', 'student_given', 'class'];
        yield 'English' => ['Student no.,Last name,First name,Class', $usual];
        yield 'German' => ['Nr,Name,Vorname,Klasse', $usual];
        yield 'French' => ['N°,Nom,Prénom,Classe', $usual];
        yield 'Spanish' => ['Matrícula,Apellidos,Nombre,Curso', $usual];
        yield 'Portuguese' => ['Número,Apelido,Nome,Turma', $usual];
        yield 'Italian' => ['Matricola,Cognome,Nome,Classe', $usual];
        yield 'Polish' => ['Numer ucznia,Nazwisko,Imię,Klasa', $usual];
        yield 'Ukrainian' => ["Номер,Прізвище,Ім'я,Клас", $usual];
        yield 'Arabic' => ['رقم الطالب,اسم العائلة,الاسم الأول,الصف', $usual];
        yield 'Chinese' => ['学号,姓,名,班级', $usual];
        yield 'one column of names' => ['ID,姓名,班级', ['student_number', 'student_name', 'class']];
        yield 'nothing that is known' => ['Colour,Shoe size', ['', '']];
    }

    /** @param  list<string>  $parts */
    #[DataProvider('tables')]
    public function test_columns_are_known_in_ten_languages(string $head, array $parts): void
    {
        self::assertSame($parts, Headings::proposed(explode(',', $head)));
    }

    public function test_within_a_day_a_file_is_taken_back_and_what_was_changed_since_stays(): void
    {
        $first =
            "Nr;Student;Class;Parent;Parent email;Phone\n1;Ada Fay;7B;Uma Fay;uma@mail.example;902 555 0101\n2;Cy Fay;8A;Uma Fay;uma@mail.example;\n3;Di Ray;8A;Bo Ray;bo@mail.example;\n";
        $this->look($first, press: 'bring-in')->assertCreated();
        $uma = Guardian::query()->where('name', 'Uma Fay')->firstOrFail();
        $pass = tap($uma->pass())->refresh();
        $tables = ['students', 'guardians', 'school_classes', 'class_student', 'guardian_student', 'passes'];
        $state = static fn(): array => array_map(
            static fn(string $table): array => DB::table($table)
                ->when(
                    in_array($table, ['students', 'guardians', 'school_classes'], true),
                    static fn($one) => $one->whereNull('put_away_at'),
                )
                ->get()
                ->map(static fn(\stdClass $row): array => array_diff_key((array) $row, ['updated_at' => 1]))
                ->sort()
                ->values()
                ->all(),
            $tables,
        );
        $before = $state();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay()->addMinute());
        $this->office();
        $this->ask('post', '/api/staff/directory/file/take-back')->assertConflict();

        // A file that is wrong all over: another class, another phone number, one new, one missing.
        $second =
            "Nr;Student;Class;Parent;Parent email;Phone\n1;Ada Fey;9Z;Uma Fay;uma@mail.example;902 555 0199\n3;Di Ray;8A;Cleo Ray;cleo@mail.example;\n4;Eve Paz;9Z;Ana Paz;ana@mail.example;\n";
        $this->look($second, whole: 'yes', press: 'bring-in')->assertCreated();
        self::assertSame(
            ['Ada Fey', 'Di Ray', 'Eve Paz'],
            Student::query()->whereNull('put_away_at')->pluck('name')->all(),
        );
        self::assertNotSame($before, $state());
        $said = $this->ask('post', '/api/staff/directory/file/take-back')->assertOk()->json();
        self::assertNull($said['directory']['brought_in']);
        self::assertSame($before, $state(), 'Everything is as it was; who was new is put away.');
        self::assertSame($pass->phone, Pass::query()->findOrFail($pass->id)->phone);
        $this->ask('post', '/api/staff/directory/file/take-back')->assertConflict();

        // Whom somebody mends by hand meanwhile stays as they are now, and it is said.
        $this->look($second, whole: 'yes', press: 'bring-in')->assertCreated();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        Student::query()
            ->where('number', '1')
            ->firstOrFail()
            ->update(['name' => 'Ada Fay-Otoo']);
        self::assertStringContainsString(
            'One student was changed by hand since',
            (string) $this->ask('post', '/api/staff/directory/file/take-back')->assertOk()->json('said'),
        );
        self::assertSame('Ada Fay-Otoo', Student::query()->where('number', '1')->value('name'));
    }
}
