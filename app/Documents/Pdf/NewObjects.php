<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

/** Objects that are written into a PDF, in the JSON of qpdf: new ones, and others in the places of some. */
final class NewObjects
{
    /** @var array<string, array{value?: mixed, stream?: mixed}> by "obj:12 0 R" */
    private array $objects = [];

    /** @param  int  $last  the largest number that is taken */
    public function __construct(private int $last)
    {
    }

    /** @return string the reference of a new object */
    public function add(mixed $value): string
    {
        $reference = $this->reserve();
        $this->put($reference, $value);

        return $reference;
    }

    /**
     * @param  array<string, mixed>  $dictionary
     * @return string the reference of a new stream
     */
    public function stream(string $bytes, array $dictionary): string
    {
        $reference = $this->reserve();
        $this->objects["obj:{$reference}"] = [
            'stream' => ['data' => base64_encode($bytes), 'dict' => (object) $dictionary],
        ];

        return $reference;
    }

    /** @return string a reference for an object that is put there later */
    public function reserve(): string
    {
        $this->last++;

        return "{$this->last} 0 R";
    }

    public function put(string $reference, mixed $value): void
    {
        $this->objects["obj:{$reference}"] = ['value' => $value];
    }

    /**
     * Gives a stream another dictionary; what is in it stays.
     *
     * @param  array<array-key, mixed>  $dictionary
     */
    public function dictionary(string $reference, array $dictionary): void
    {
        $this->objects["obj:{$reference}"] = ['stream' => ['dict' => (object) $dictionary]];
    }

    /** @return array<string, array{value?: mixed, stream?: mixed}> */
    public function all(): array
    {
        return $this->objects;
    }
}
