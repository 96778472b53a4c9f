<?php

declare(strict_types=1);

namespace OpenSlate\Access;

/**
 * Codes of six digits that change every 30 seconds, from a secret that a phone and the program share: TOTP of RFC 6238,
 * with HMAC-SHA-1 and the truncation of RFC 4226, section 5.3.
 */
final readonly class TimedCode
{
    public const SECRET_BYTES = 20;

    private const SECONDS = 30;

    private const DIGITS = 6;

    /** Clocks are a little wrong, and typing takes a while (RFC 6238, section 5.2). */
    private const STEPS_AROUND = 1;

    /** @param  string  $secret  bytes */
    public function __construct(private string $secret)
    {
    }

    /** @param  int  $time  seconds since 1970 */
    public function at(int $time): string
    {
        return $this->ofStep(intdiv($time, self::SECONDS), self::DIGITS);
    }

    /**
     * @param  int  $time  seconds since 1970
     * @param  int  $used  the last step of which a code was used: none counts twice
     * @return int|null the step of which this is the code; null when it is none that counts now
     */
    public function step(string $code, int $time, int $used): ?int
    {
        $now = intdiv($time, self::SECONDS);
        $digits = (string) preg_replace('/\s+/', '', $code);
        for ($step = $now - self::STEPS_AROUND; $step <= $now + self::STEPS_AROUND; $step++) {
            if ($step > $used && hash_equals($this->ofStep($step, self::DIGITS), $digits)) {
                return $step;
            }
        }

        return null;
    }

    /** What an app on a phone reads from a QR code (the otpauth address that such apps share). */
    public function address(string $account, string $issuer): string
    {
        return 'otpauth://totp/'.rawurlencode("{$issuer}:{$account}").
            '?secret='.Base32::encode($this->secret).'&issuer='.rawurlencode($issuer);
    }

    /** @param  int<1, 9>  $digits */
    public function ofStep(int $step, int $digits): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $this->secret, true);
        $at = ord($hash[19]) & 15;
        /** @var array{1: int} $four */
        $four = unpack('N', substr($hash, $at, 4));

        return str_pad((string) (($four[1] & 0x7FFFFFFF) % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }
}
