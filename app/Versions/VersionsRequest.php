<?php

declare(strict_types=1);

namespace App\Versions;

use App\Framework\Languages;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Round;
use App\Models\Sheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** The texts of a sheet or a round in one language. */
final class VersionsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'written_in' => ['present', 'nullable', Rule::in(Languages::offered())],
            'language' => ['required', Rule::in(Languages::offered()), 'different:written_in'],
            'texts' => ['present', 'array', 'max:400'],
            'texts.*.original' => ['required', 'string', 'max:4000'],
            'texts.*.text' => ['nullable', 'string', 'max:4000'],
            'was' => ['required', 'string', 'max:64'],
        ];
    }

    public function after(): \Closure
    {
        return function (Validator $form): void {
            $known = array_flip(Version::originals($this->worded()));
            foreach ($form->errors()->isEmpty() ? $this->texts() : [] as $original => $text) {
                if (!isset($known[$original])) {
                    $form->errors()->add('texts', Words::say('versions.changed'));

                    return;
                }
                // A title stays a title: what is one line stays one, and about as long.
                if (!str_contains($original, "\n") && str_contains($text, "\n")) {
                    $form->errors()->add("texts.$original", Words::say('versions.one_line', ['text' => $original]));
                } elseif (mb_strlen($text) > 4 * mb_strlen($original) + 200) {
                    $form->errors()->add("texts.$original", Words::say('versions.long', ['text' => $original]));
                }
            }
        };
    }

    /** @return array<string, string> by the original */
    public function texts(): array
    {
        $texts = [];
        foreach ($this->array('texts') as $one) {
            $texts[(string) $one['original']] = trim((string) ($one['text'] ?? ''));
        }

        return $texts;
    }

    private function worded(): Sheet|Round
    {
        $of = $this->route('sheet') ?? $this->route('round');
        assert($of instanceof Sheet || $of instanceof Round);

        return $of;
    }
}
