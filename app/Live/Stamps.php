<?php

declare(strict_types=1);

namespace App\Live;

/** Tells the pages that follow a channel that something changed; never what. */
interface Stamps
{
    /**
     * @param  list<string>  $channels  as Channel names them
     *
     * @throws StampsNotSent when nobody could be told; they are tried again
     */
    public function publish(array $channels): void;
}
