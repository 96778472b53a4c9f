<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Begins every transaction as a writer.
 *
 * SQLite's own beginning is as a reader; the first write then fails at once, without waiting, when another connection
 * has written in between. The framework asks for immediate transactions only from PHP 8.4 on, where PDO allows it.
 */
final class ImmediateSQLiteConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        if (version_compare(PHP_VERSION, '8.4.0', '>=')) {
            parent::executeBeginTransactionStatement();

            return;
        }
        // PDO must believe in a transaction that it began itself, or it will not commit; so it begins one, and the
        // one that counts is put in its place.
        $pdo = $this->getPdo();
        $pdo->beginTransaction();
        $pdo->exec('ROLLBACK');
        try {
            $pdo->exec('BEGIN IMMEDIATE TRANSACTION');
        } catch (PDOException $busy) {
            $pdo->exec('BEGIN');
            $pdo->rollBack();
            throw $busy;
        }
    }

    /**
     * On a full disk SQLite has rolled back by itself, which PDO does not know, and would not let anybody begin again.
     */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $problem) {
            if ($toLevel > 0 || ! str_contains($problem->getMessage(), 'no transaction is active')) {
                throw $problem;
            }
            $this->getPdo()->exec('BEGIN');
            $this->getPdo()->rollBack();
        }
    }
}
