<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visit;

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
            DB::table('booking_people')->insert(['digest' => $digest]);
            DB::table('booking_people')->where('digest', $digest)->delete();
        });

        return new JsonResponse(['ok' => true]);
    }
}
