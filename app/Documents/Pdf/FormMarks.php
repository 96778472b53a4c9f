<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

/** What places that are marked look like, marked and not: the same few drawings for all of a file. */
final readonly class FormMarks
{
    /** In a square of 100, which is made as large as its field. */
    private const TICK = 'q 0 0 0 RG 9 w 1 J 1 j 15 50 m 40 22 l 86 82 l S Q';

    /** A circle by four curves: their handles lie at 0.5523 of the radius. */
    private const RING = 'q 0 0 0 RG 5 w 97 50 m 97 76 76 97 50 97 c 24 97 3 76 3 50 c '
        .'3 24 24 3 50 3 c 76 3 97 24 97 50 c S Q';

    private const DRAWING = ['/Type' => '/XObject', '/Subtype' => '/Form', '/BBox' => [0, 0, 100, 100]];

    private string $tick;

    private string $ring;

    private string $none;

    public function __construct(NewObjects $objects)
    {
        $this->tick = $objects->stream(self::TICK, self::DRAWING);
        $this->ring = $objects->stream(self::RING, self::DRAWING);
        $this->none = $objects->stream('', self::DRAWING);
    }

    /**
     * @param  string  $on  what it is called when it is marked
     * @return array<string, mixed> of the dictionary of a widget (12.5.5)
     */
    public function ticked(string $on, bool $isOn): array
    {
        return $this->look($on, $isOn, $this->tick);
    }

    /**
     * @param  string  $on  what it is called when it is marked
     * @return array<string, mixed>
     */
    public function ringed(string $on, bool $isOn): array
    {
        return $this->look($on, $isOn, $this->ring);
    }

    /** @return array<string, mixed> */
    private function look(string $on, bool $isOn, string $drawing): array
    {
        return ['/AS' => $isOn ? "/{$on}" : '/Off', '/AP' => ['/N' => ["/{$on}" => $drawing, '/Off' => $this->none]]];
    }
}
