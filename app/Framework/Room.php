<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

/** What a room of the application tells the framework when it starts: its policies, and what else it needs. */
abstract class Room extends ServiceProvider
{
    /** @return array<class-string, class-string> the policy of each model */
    protected function policies(): array
    {
        return [];
    }

    /** @return list<class-string<Tidies>> what ends what was only for a while in it */
    protected function tidies(): array
    {
        return [];
    }

    public function boot(): void
    {
        $this->app->tag($this->tidies(), Tidies::class);
        foreach ($this->policies() as $model => $policy) {
            Gate::policy($model, $policy);
        }
    }
}
