<?php

declare(strict_types=1);

return [
    'moment' => 'Un momento, si va avanti da soli. Nulla va perso, e nulla accade due volte.',
];
