<?php

declare(strict_types=1);

namespace App\Wordings;

use App\Framework\Languages;
use App\Framework\Pattern;
use App\Framework\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** One sentence worded otherwise, and how it was worded when that was begun. */
final class WordingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'language' => ['required', Rule::in(Languages::offered())],
            'key' => ['required', 'string', 'max:120'],
            'text' => ['present', 'nullable', 'string', 'max:5000'],
            'was' => ['present', 'nullable', 'string', 'max:5000'],
        ];
    }

    public function after(): \Closure
    {
        return function (Validator $form): void {
            if ($form->errors()->isNotEmpty()) {
                return;
            }
            if (!isset(Ours::in($this->language())[$this->key()])) {
                $form->errors()->add('key', Words::say('wordings.not_there'));

                return;
            }
            foreach (WriteWordings::faults($this->language(), $this->key(), $this->text()) as $fault) {
                $form->errors()->add('text', (string) $fault);
            }
        };
    }

    public function language(): string
    {
        return $this->string('language')->toString();
    }

    public function key(): string
    {
        return $this->string('key')->toString();
    }

    public function text(): Pattern
    {
        return Pattern::typed($this->string('text')->toString());
    }

    public function was(): string
    {
        return Pattern::typed($this->string('was')->toString())->text;
    }
}
