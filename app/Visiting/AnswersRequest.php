<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Framework\Answered;
use App\Models\Booking;
use App\Models\Question;
use App\Models\Questions;
use App\School\UsualQuestions;
use Illuminate\Foundation\Http\FormRequest;

/** Answers that a visitor changes after booking. Whom it is about stays: that would be another booking. */
final class AnswersRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['answers' => ['present', 'array']] +
            (new Questions($this->questions()))->rules($this->country(), 'answers.');
    }

    /** @return array<string, mixed> */
    public function answers(): array
    {
        $answers = [];
        foreach ($this->questions() as $question) {
            if ($question->key !== 'phone') {
                $answers[$question->key] = $question->tidied($this->input("answers.$question->key"), $this->country());
            }
        }

        return $answers;
    }

    public function phone(): string
    {
        foreach ($this->questions() as $question) {
            if ($question->key === 'phone') {
                return Answered::said($question->tidied($this->input('answers.phone'), $this->country()));
            }
        }

        return '';
    }

    /** @return list<Question> */
    private function questions(): array
    {
        return array_values(
            array_filter(
                $this->booking()->sheet->questions->with(UsualQuestions::word())->all,
                static fn(Question $one): bool => $one->key !== 'student',
            ),
        );
    }

    private function country(): string
    {
        return $this->booking()->sheet->host->school->country;
    }

    private function booking(): Booking
    {
        $booking = $this->route('booking');
        assert($booking instanceof Booking);

        return $booking;
    }
}
