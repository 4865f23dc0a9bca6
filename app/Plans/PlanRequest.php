<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Budget;
use App\Framework\Limited;
use App\Framework\Reading;
use App\Framework\SlotKey;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use App\Models\Round;
use App\Models\SheetState;
use App\Timetables\Interpreters;
use Illuminate\Auth\Access\Response;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Recess\Fitting\Preference;
use Recess\Time\Span;

/** Whom a family wants to meet, and when it can come: as its page has it, looked at field by field. */
class PlanRequest extends FormRequest
{
    /** Meetings of one family: more is a slip. */
    protected const MOST = 20;

    // Asked for more than once, and looked up once.
    private ?Pass $pass = null;

    private ?RoundFamily $family = null;

    /** @var list<Pick>|null */
    private ?array $picks = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pass' => ['nullable', 'string', 'max:120'],
            'picks' => ['present', 'array', 'max:' . self::MOST],
            ...Budget::each($this->input('picks'), self::MOST, [
                'picks.*' => ['array:sheet,student,start'],
                'picks.*.sheet' => ['required', 'string', 'max:200'],
                'picks.*.student' => ['required', 'string', new PersonName()],
                'picks.*.start' => ['nullable', 'string', SlotKey::RULE],
            ]),
            ...HoursOn::rules('windows', 40, $this->input('windows')),
            'walk' => ['nullable', 'integer', 'between:0,60'],
            'breather' => ['nullable', 'integer', 'between:0,60'],
            'prefer' => ['nullable', 'string', Rule::enum(Preference::class)],
            'ground' => ['nullable', 'boolean'],
            'anew' => ['nullable', 'boolean'],
            'about' => ['nullable', 'array', 'max:20'],
            'interpreter' => ['nullable', 'string', Rule::in(array_keys(Interpreters::of($this->round()->id)))],
        ];
    }

    /** Before anything is said of what they typed. */
    public function authorize(): Response
    {
        return match (true) {
            !$this->family()->isAdmitted => Response::deny($this->family()->refusal()),
            $this->round()->state !== SheetState::Open => Response::deny(Words::say('rounds.not_open')),
            default => Response::allow(),
        };
    }

    /** @return array<string, list<mixed>> who comes, where their pass does not say it */
    protected function holderRules(): array
    {
        $pass = $this->pass();

        return [
            'name' => [$pass === null ? 'required' : 'nullable', 'string', new PersonName()],
            'email' => [$pass === null ? 'required' : 'nullable', 'string', new MailAddress()],
            'phone' => [
                ($pass->phone ?? '') === '' ? 'required' : 'nullable',
                'string',
                new PhoneNumber($this->round()->school->country),
            ],
        ];
    }

    public function holder(): PlanHolder
    {
        $pass = $this->pass();

        return new PlanHolder(
            $pass?->id,
            $pass->name ?? $this->string('name')->trim()->toString(),
            $pass === null ? (string) MailAddress::of($this->input('email')) : (string) $pass->email,
            $this->filled('phone')
                ? PhoneNumber::written($this->string('phone')->toString(), $this->round()->school->country)
                : $pass->phone ?? '',
            Reading::now()->kept(),
            Limited::origin($this),
        );
    }

    public function round(): Round
    {
        $round = $this->route('round');
        assert($round instanceof Round);

        return $round;
    }

    public function pass(): ?Pass
    {
        return $this->pass ??= Pass::opening($this->input('pass'), $this->round());
    }

    public function asked(): PlanAsk
    {
        $prefer = Preference::tryFrom($this->string('prefer')->toString());

        return new PlanAsk(
            $this->picks(),
            $this->windows(),
            max(0, $this->integer('walk')),
            max(0, $this->integer('breather')),
            $prefer === null ? [] : [$prefer],
            $this->language(),
            $this->boolean('anew'),
        );
    }

    /** @return array<string, mixed> as Shortlist: what is kept of it */
    public function shortlist(): array
    {
        return [
            'picks' => array_map(
                static fn(Pick $pick): array => ['sheet' => $pick->sheet->slug, 'student' => $pick->student],
                $this->picks(),
            ),
            'windows' => array_values($this->validated('windows')),
            'walk' => $this->integer('walk'),
            'breather' => $this->integer('breather'),
            'prefer' => $this->string('prefer')->toString() ?: 'evenings',
            'interpreter' => $this->language() ?? '',
            'ground' => $this->boolean('ground'),
            'about' => AboutChildren::typed($this->round(), $this->input('about')),
        ];
    }

    /** For which they need an interpreter. */
    protected function language(): ?string
    {
        return $this->string('interpreter')->toString() ?: null;
    }

    /** @return list<Pick> */
    public function picks(): array
    {
        return $this->picks ??= $this->read();
    }

    /** @return list<Pick> */
    private function read(): array
    {
        $sheets = $this->round()->openSheets();
        $children = $this->family()->childrenByName();
        $picks = $seen = $wrong = [];
        foreach ($this->validated('picks') as $i => $one) {
            $sheet = $sheets[$one['sheet']] ?? null;
            $child = $children[$one['student']] ?? null;
            $student = trim($one['student']);
            $wrong += match (true) {
                $sheet === null => ["picks.$i.sheet" => Words::say('rounds.not_in_it')],
                $children !== null && $child === null => ["picks.$i.student" => Words::say('rounds.not_theirs')],
                isset($seen["$sheet->id|$student"]) => ["picks.$i.sheet" => Words::say('rounds.twice')],
                default => [],
            };
            if ($sheet !== null) {
                $seen["$sheet->id|$student"] = true;
                $picks[] = new Pick(
                    $sheet,
                    $student,
                    $child?->id,
                    isset($one['start']) ? SlotKey::instant($one['start']) : null,
                );
            }
        }
        $wrong === [] || throw ValidationException::withMessages($wrong);

        return $picks;
    }

    protected function family(): RoundFamily
    {
        return $this->family ??= RoundFamily::of($this->round(), $this->pass());
    }

    /** @return list<Span> */
    private function windows(): array
    {
        $zone = $this->round()->school->timeZone();
        $windows = [];
        foreach (HoursOn::all($this->validated('windows'), 'windows') as $i => $hours) {
            $windows[] =
                $hours->span($zone) ??
                throw ValidationException::withMessages(["windows.$i.from" => Words::say('rounds.no_such_hours')]);
        }

        return $windows;
    }
}
