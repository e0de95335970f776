<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * SQLite that takes the write lock when a transaction begins.
 *
 * A transaction that reads first and writes later is refused at once where another has written meanwhile, whatever the
 * busy timeout: SQLite cannot let it wait. Taking the lock first makes it wait its turn. The framework asks for this
 * (`transaction_mode`) from PHP 8.4 on only.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
