<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Plans\HoursOn;
use App\Plans\Shortlist;
use App\Rounds\RoundHost;
use Illuminate\Database\Eloquent\Collection;
use Recess\Time\Span;

/**
 * All that is wished of a round, as rows: what families have sent, and whom teachers need to see. In one order, so that the
 * same wishes are the same task.
 */
final class WishList
{
    /** @var list<array<string, mixed>> columns of Allotted */
    public array $rows = [];

    /** @var array<int, list<Span>> by pass: when they can come */
    public array $windows = [];

    /** @var array<int, array{int<0, max>, int<0, max>}> by pass: minutes from room to room, and to breathe */
    public array $needs = [];

    /** @var array<int, string|null> by pass: for which language they need an interpreter */
    public array $languages = [];

    /** @var array<string, int> by sheet and student: the row of whoever wished it first */
    private array $first = [];

    /** @param  array<int, Sheet>  $sheets  by number */
    private function __construct(private readonly Round $round, private readonly array $sheets) {}

    /** @param  array<int, Sheet>  $sheets  of the round, by number */
    public static function of(Round $round, array $sheets): self
    {
        $list = new self($round, $sheets);
        $sent = Shortlist::sent($round)->with('pass')->orderBy('wished_at')->orderBy('id')->get();
        $confirm = $round->school->confirm_addresses;
        // An address that has not answered may be anybody's.
        $sent = $sent->filter(
            static fn(Shortlist $one): bool => !$confirm ||
                $one->pass->confirmed_at !== null ||
                $one->pass->email === null,
        );
        $children = self::children($sent);
        foreach ($sent as $one) {
            $list->add($one, $children[$one->pass_id] ?? null);
        }
        $list->addAsked();

        return $list;
    }

    /**
     * @param  Collection<int, Shortlist>  $sent
     * @return array<int, array<string, int>> by pass of those whom the school knows: their children by what they are called
     */
    private static function children(Collection $sent): array
    {
        $guardians = Guardian::query()
            ->whereKey($sent->pluck('pass.guardian_id')->filter()->all())
            ->whereNull('put_away_at')
            ->with('students')
            ->get()
            ->keyBy('id');
        $children = [];
        foreach ($sent as $one) {
            $guardian = $guardians->get((int) $one->pass->guardian_id);
            if ($guardian !== null) {
                $children[$one->pass_id] = $guardian->students
                    ->mapWithKeys(static fn(Student $child): array => [$child->name() => $child->id])
                    ->all();
            }
        }

        return $children;
    }

    /** @param  array<string, int>|null  $children */
    private function add(Shortlist $sent, ?array $children): void
    {
        $wished = $sent->wished ?? ['picks' => [], 'windows' => [], 'walk' => 0, 'breather' => 0];
        $zone = $this->round->school->timeZone();
        $this->windows[$sent->pass_id] = array_values(
            array_filter(array_map(static fn(array $one): ?Span => HoursOn::of($one)->span($zone), $wished['windows'])),
        );
        $this->needs[$sent->pass_id] = [
            max(0, max($wished['walk'], $this->round->school->travel_minutes)),
            max(0, $wished['breather']),
        ];
        $this->languages[$sent->pass_id] = $wished['interpreter'] ?? '' ?: null;
        $bySlug = [];
        foreach ($this->sheets as $sheet) {
            $bySlug[$sheet->slug] = $sheet;
        }
        foreach ($wished['picks'] as $i => $pick) {
            $sheet = $bySlug[$pick['sheet']] ?? null;
            $student = $children[$pick['student']] ?? null;
            $why = match (true) {
                $sheet === null => NotGranted::HostGone,
                $student !== null &&
                    isset($this->first["$sheet->id|$student"]) &&
                    !$this->round->rules->yes('each_guardian')
                    => NotGranted::OtherGuardian,
                default => null,
            };
            $this->row($sheet, [
                'pass_id' => $sent->pass_id,
                'host' => $sheet->host->name ?? $this->round->wasCalled($pick['sheet']),
                'student' => $pick['student'],
                'student_id' => $student,
                'rank' => $i + 1,
                'asked' => false,
                'why' => $why,
            ]);
        }
    }

    /** Whom teachers need to see: before all ranks, and of families that have sent nothing too. */
    private function addAsked(): void
    {
        foreach (
            RoundHost::query()
                ->where('round_id', $this->round->id)
                ->with(['asked.guardians', 'asked.classes', 'host'])
                ->orderBy('id')
                ->get()
            as $host
        ) {
            $sheet = $this->sheets[(int) $host->sheet_id] ?? null;
            if ($sheet === null) {
                continue;
            }
            foreach ($host->asked as $student) {
                $row = $this->first["$sheet->id|$student->id"] ?? null;
                if ($row !== null) {
                    $this->rows[$row]['asked'] = true;

                    continue;
                }
                $pass = $this->passFor($student);
                if ($pass !== null) {
                    $this->row($sheet, [
                        'pass_id' => $pass->id,
                        'host' => $sheet->host->name,
                        'student' => $student->name(),
                        'student_id' => $student->id,
                        'rank' => 0,
                        'asked' => true,
                        'why' => null,
                    ]);
                }
            }
        }
    }

    /** Of a child's guardians the one who has sent wishes, or else the first: one who reads letters, if there is one. */
    private function passFor(Student $student): ?Pass
    {
        $guardians = $student->guardians->where('pivot.may_book', true);
        $passes = Pass::query()->whereIn('guardian_id', $guardians->modelKeys())->get();
        $known = $passes->first(fn(Pass $pass): bool => isset($this->windows[$pass->id]));

        return $known ??
            ($guardians->first(static fn(Guardian $one): bool => $one->email !== null) ?? $guardians->first())?->pass();
    }

    /** @param  array{pass_id: int, host: string, student: string, student_id: int|null, rank: int, asked: bool, why: NotGranted|null}  $row */
    private function row(?Sheet $sheet, array $row): void
    {
        if ($sheet !== null && $row['student_id'] !== null && $row['why'] === null) {
            $this->first["$sheet->id|$row[student_id]"] ??= count($this->rows);
        }
        $this->rows[] = [...$row, 'sheet_id' => $sheet?->id, 'language' => $this->languages[$row['pass_id']] ?? null];
    }
}
