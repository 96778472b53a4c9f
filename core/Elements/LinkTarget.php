<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use InvalidArgumentException;

/** Where a link leads: to the web or to mail, or to another page of the same copy, named by that page's anchor. */
final readonly class LinkTarget
{
    public const LONGEST = 2000;

    private const PAGE = 'page:';

    private const WORKSHEET = 'worksheet:';

    private function __construct(public string $address)
    {
    }

    /** @throws InvalidArgumentException with what is wrong, to stand behind the field's name */
    public static function of(string $address): self
    {
        $address = trim($address);
        $web = preg_match('~^https?://[^\s/?#@:]+\.?[^\s]*$~iu', $address) === 1;
        $mail = preg_match('~^mailto:[^\s@]+@[^\s@]+$~iu', $address) === 1;
        $page = preg_match('/^page:[a-z0-9]{1,24}$/D', $address) === 1;
        $worksheet = preg_match('/^worksheet:[1-9][0-9]{0,9}$/D', $address) === 1;
        if (! $web && ! $mail && ! $page && ! $worksheet) {
            throw new InvalidArgumentException(
                'must be an address that starts with https://, http:// or mailto:, or a page or a worksheet of yours',
            );
        }

        return new self($address);
    }

    public static function page(string $anchor): self
    {
        return self::of(self::PAGE.$anchor);
    }

    public static function worksheet(int $id): self
    {
        return self::of(self::WORKSHEET.$id);
    }

    /** The anchor of the page that it leads to; null when it leads out. */
    public function anchor(): ?string
    {
        return str_starts_with($this->address, self::PAGE) ? substr($this->address, strlen(self::PAGE)) : null;
    }

    /** The number of the worksheet that it leads to, of which each student opens what they have; null for all else. */
    public function worksheetId(): ?int
    {
        return str_starts_with($this->address, self::WORKSHEET)
            ? (int) substr($this->address, strlen(self::WORKSHEET))
            : null;
    }
}
