<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Reading;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\PersonName;
use App\Models\Sheet;
use App\Models\Wants;
use App\Waiting\WhoWaits;
use Illuminate\Foundation\Http\FormRequest;

/** Who would like to be told of a time that comes free, with scripts and without. */
final class WaitRequest extends FormRequest
{
    private ?Pass $pass = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [$this->pass() === null ? 'required' : 'nullable', 'string', new PersonName()],
            'email' => [$this->pass()?->email === null ? 'required' : 'nullable', 'string', new MailAddress()],
        ];
    }

    public function pass(): ?Pass
    {
        return $this->pass ??= Pass::opening($this->input('pass'), $this->sheet());
    }

    public function who(): WhoWaits
    {
        return new WhoWaits(
            $this->string('name')->trim()->toString(),
            (string) MailAddress::of($this->input('email')),
            Wants::asked($this, $this->sheet()),
            Reading::now()->kept(),
        );
    }

    private function sheet(): Sheet
    {
        $sheet = $this->route('sheet');
        assert($sheet instanceof Sheet);

        return $sheet;
    }
}
