<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Session\FileSessionHandler;
use SessionUpdateTimestampHandlerInterface;
use Throwable;

/**
 * Sessions in files that are written whole or not at all: a worker that is killed while it writes signs nobody out.
 *
 * A session that somebody ended is not written again by a request that began before: it stays ended.
 */
final class SessionFiles extends FileSessionHandler implements SessionUpdateTimestampHandlerInterface
{
    private const TOUCHED_EVERY = 60; // seconds

    /** @var array<string, true> sessions that were there when this request began */
    private array $found = [];

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        if ($data !== '' && $data !== false) {
            $this->found[$sessionId] = true;
        }

        return $data;
    }

    /** A disk that is full signs nobody out, and keeps nobody from seeing a page that says so. */
    public function write($sessionId, $data): bool
    {
        $file = "{$this->path}/{$sessionId}";
        if (isset($this->found[$sessionId]) && ! is_file($file)) {
            return true;
        }
        $whole = "{$this->path}/.{$sessionId}.".bin2hex(random_bytes(4));
        try {
            return file_put_contents($whole, $data) === strlen($data) && rename($whole, $file);
        } catch (Throwable) {
            @unlink($whole);

            return false;
        }
    }

    public function destroy($sessionId): bool
    {
        unset($this->found[$sessionId]);

        return parent::destroy($sessionId);
    }

    public function validateId(string $id): bool
    {
        return is_file("{$this->path}/{$id}");
    }

    /** It is in use, though nothing of it changed. */
    public function updateTimestamp(string $id, string $data): bool
    {
        $file = "{$this->path}/{$id}";

        return ! is_file($file) || filemtime($file) > time() - self::TOUCHED_EVERY || @touch($file);
    }

    public function gc($lifetime): int
    {
        foreach (glob("{$this->path}/.*.*") ?: [] as $half) {
            is_file($half) && filemtime($half) < time() - 3600 && @unlink($half);
        }

        return parent::gc($lifetime);
    }
}
