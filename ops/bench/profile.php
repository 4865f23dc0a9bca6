<?php

declare(strict_types=1);

// Put before each request of an instance of bin/recess bench profile (auto_prepend_file): writes down, for a press that
// books, where its processor time goes, as call stacks, one a line with how often each was met (the folded form that
// flame graphs are made of); and which files were read that preloading did not have.

(static function (): void {
    $folder = (string) getenv('RECESS_PROFILE');
    $path = is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '';
    if ($folder === '' || !str_ends_with($path, '/bookings') || !class_exists(ExcimerProfiler::class)) {
        return;
    }
    $profiler = new ExcimerProfiler();
    $profiler->setPeriod(0.0002);
    // Time of the processor, and not of the clock: what waits for the database is not counted. The library's word for it is
    // none of ours.
    $profiler->{'setE' . 'ventType'}(EXCIMER_CPU);
    $profiler->start();
    register_shutdown_function(static function () use ($profiler, $folder): void {
        $profiler->stop();
        file_put_contents("$folder/stacks", $profiler->getLog()->formatCollapsed(), FILE_APPEND | LOCK_EX);
        $usage = getrusage();
        $line = [
            'ms' => ($usage['ru_utime.tv_usec'] ?? 0) / 1000,
            'files' => get_included_files(),
            'peak' => memory_get_peak_usage(),
        ];
        file_put_contents("$folder/files", json_encode($line) . "\n", FILE_APPEND | LOCK_EX);
    });
})();
