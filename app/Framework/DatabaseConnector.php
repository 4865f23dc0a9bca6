<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;

/**
 * Connects, and says in the same breath how it wants to be understood: the framework's own way sends three messages more
 * with each request, and the web server's processes keep their connection from one request to the next.
 */
final class DatabaseConnector extends MariaDbConnector
{
    /**
     * @param  array{charset: string, collation: string, timezone: string, isolation_level: string, modes: list<string>, options?: array<int, mixed>}  $config
     *     as config/database.php has it
     * @return array<int, mixed>
     */
    public function getOptions(array $config): array
    {
        // The driver says it with each connection that is new, one that was lost and is opened again included.
        $says = sprintf(
            "SET NAMES '%s' COLLATE '%s', time_zone = '%s', SESSION tx_isolation = '%s', SESSION sql_mode = '%s'",
            $config['charset'],
            $config['collation'],
            $config['timezone'],
            str_replace(' ', '-', $config['isolation_level']),
            implode(',', $config['modes']),
        );

        return [
            PDO::MYSQL_ATTR_INIT_COMMAND => $says,
            // Kept from one request to the next; PHP undoes a transaction that a request has left open. What runs by itself
            // has one connection for as long as it runs. Of an installation's many schools each would keep one in each of
            // the web server's processes, more than a database has: theirs end with the request.
            PDO::ATTR_PERSISTENT => PHP_SAPI === 'fpm-fcgi' && config('recess.school') === '',
        ] + parent::getOptions($config);
    }

    /** @param  array<string, mixed>  $config */
    protected function configureConnection(PDO $connection, array $config): void {}
}
