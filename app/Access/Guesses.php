<?php

declare(strict_types=1);

namespace App\Access;

use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenSlate\Access\Backoff;

/**
 * Slows down who guesses at a PIN or a password, and not the one whose it is.
 *
 * A device on which somebody has been signed in before waits for its own wrong guesses only. All others wait for those
 * of all unknown devices at their address, and for their own at whatever name.
 */
final class Guesses
{
    private const COOKIE = 'open_slate_device';

    private const MINUTES_KNOWN = 60 * 24 * 400;

    /** Guesses are forgotten after this. */
    private const SECONDS = 3600;

    /**
     * Lets a guess be looked at, if it need not wait. It counts as wrong from the start, so that many at once are no
     * way round the wait.
     *
     * @param  Closure(): bool  $isRight
     * @return int seconds to wait; 0 when it was looked at and was right, -1 when it was wrong
     */
    public function __invoke(Account $account, Request $request, Closure $isRight): int
    {
        [$device, $address] = [$this->device($request), (string) $request->ip()];
        $wait = DB::transaction(function () use ($account, $device, $address): int {
            $wait = $this->wait($account, $device, $address);
            $wait === 0 &&
                DB::table('wrong_guesses')->upsert(
                    [
                        'account' => $account->name,
                        'device' => $device,
                        'address' => $address,
                        'times' => 1,
                        'last_at' => now()->getTimestamp(),
                    ],
                    ['account', 'device', 'address'],
                    ['times' => DB::raw('wrong_guesses.times + 1'), 'last_at' => now()->getTimestamp()],
                );

            return $wait;
        });
        if ($wait > 0) {
            return $wait;
        }
        if (! $isRight()) {
            return -1;
        }
        DB::transaction(function () use ($account, $device): void {
            DB::table('wrong_guesses')
                ->where(['account' => $account->name, 'device' => $device])
                ->delete();
            DB::table('known_devices')->insertOrIgnore([
                'account' => $account->name,
                'device' => $device,
                'created_at' => now(),
            ]);
            DB::table('wrong_guesses')
                ->where('last_at', '<', now()->getTimestamp() - self::SECONDS)
                ->delete();
        });

        return 0;
    }

    public static function clear(Account $account): void
    {
        DB::table('wrong_guesses')->where('account', $account->name)->delete();
    }

    /** With a new PIN or password no device is known any more. */
    public static function begin(Account $account): void
    {
        self::clear($account);
        DB::table('known_devices')->where('account', $account->name)->delete();
    }

    /**
     * Wrong guesses of the last hour.
     *
     * @param  list<Account>  $accounts
     * @return array<string, int> by account, where there were so many that somebody waits
     */
    public static function many(array $accounts): array
    {
        return DB::table('wrong_guesses')
            ->whereIn('account', array_map(fn (Account $account): string => $account->name, $accounts))
            ->where('last_at', '>=', now()->getTimestamp() - self::SECONDS)
            ->groupBy('account')
            ->selectRaw('account, sum(times) as times')
            ->pluck('times', 'account')
            ->map(fn (mixed $times): int => (int) $times)
            ->filter(fn (int $times): bool => $times >= Backoff::FREE)
            ->all();
    }

    private function wait(Account $account, string $device, string $address): int
    {
        $own = $this->recent()->where('device', $device);
        if (
            DB::table('known_devices')
                ->where(['account' => $account->name, 'device' => $device])
                ->exists()
        ) {
            return $this->left($own->where('account', $account->name));
        }
        $unknown = $this->recent()
            ->where(['account' => $account->name, 'address' => $address])
            ->whereNotIn('device', DB::table('known_devices')->where('account', $account->name)->select('device'));

        return max($this->left($own), $this->left($unknown));
    }

    private function recent(): Builder
    {
        return DB::table('wrong_guesses')->where('last_at', '>=', now()->getTimestamp() - self::SECONDS);
    }

    private function left(Builder $guesses): int
    {
        $sum = $guesses->selectRaw('coalesce(sum(times), 0) as times, coalesce(max(last_at), 0) as last_at')->first();

        return max(0, (int) $sum?->last_at + Backoff::seconds((int) $sum?->times) - now()->getTimestamp());
    }

    /** The device's own name, which only it knows. */
    private function device(Request $request): string
    {
        $device = $request->cookie(self::COOKIE);
        if (! is_string($device) || preg_match('/^[A-Za-z0-9]{24}$/D', $device) !== 1) {
            $device = Str::random(24);
        }
        Cookie::queue(Cookie::make(self::COOKIE, $device, self::MINUTES_KNOWN));

        return $device;
    }
}
