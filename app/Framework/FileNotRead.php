<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A file that was not read – it has more in it than any school has, or cannot be what it was meant to be – and nothing came
 * of it: said at its field.
 */
final class FileNotRead extends Refused
{
    public function render(Request $request): JsonResponse
    {
        $said = $this->getMessage();

        return new JsonResponse(
            ['message' => $said, 'errors' => ['file' => [$said]]],
            Response::HTTP_UNPROCESSABLE_ENTITY,
        );
    }
}
