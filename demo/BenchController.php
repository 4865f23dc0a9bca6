<?php

declare(strict_types=1);

namespace Demo;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** What bin/recess bench rush measures against: the framework alone, and a write of two statements. */
final class BenchController
{
    public function bare(): JsonResponse
    {
        return new JsonResponse(['ok' => true]);
    }

    public function write(): JsonResponse
    {
        DB::transaction(static function (): void {
            $digest = hash('sha256', random_bytes(16));
            DB::table('guards')->insert(['digest' => $digest]);
            DB::table('guards')->where('digest', $digest)->delete();
        });

        return new JsonResponse(['ok' => true]);
    }
}
