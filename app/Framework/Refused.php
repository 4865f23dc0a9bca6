<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Something that was asked for and cannot be, said in plain words (HTTP 409). Nothing of it was done, and it is nobody's fault. */
abstract class Refused extends \RuntimeException
{
    public function render(Request $request): JsonResponse
    {
        return new JsonResponse(['message' => $this->getMessage(), ...$this->more($request)], 409);
    }

    /** It is an answer, not a fault: the log need not know. */
    public function report(): void {}

    /** @return array<string, mixed> what whoever asked needs to go on */
    protected function more(Request $request): array
    {
        return [];
    }
}
