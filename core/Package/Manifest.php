<?php

declare(strict_types=1);

namespace OpenSlate\Package;

use OpenSlate\Geometry\Frame;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Packs\Role;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\MendedQuestions;
use OpenSlate\Questions\Question;

/** What is in a package, as its manifest.json says: docs/package.schema.json. */
final readonly class Manifest
{
    public const PATH = 'manifest.json';

    public const FORMAT = 'open-slate-package';

    public const VERSION = 1;

    public const MOST_WORKSHEETS = 300;

    public const MOST_PAGES = 3000;

    public const MOST_FILES = 5000;

    private const HASH = '/^[0-9a-f]{64}$/D';

    private const LONGEST_NAME = 255;

    /**
     * @param  list<PackedWorksheet>  $worksheets
     * @param  list<PackedOriginal>  $originals  of all pages that are printed on them
     * @param  list<PackedFile>  $files
     */
    public function __construct(public array $worksheets, public array $originals, public array $files)
    {
    }

    public function encode(): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'worksheets' => array_map(self::worksheet(...), $this->worksheets),
            'originals' => array_map(
                fn (PackedOriginal $original): array => [
                    'name' => $original->name,
                    'sha256' => $original->sha256,
                    'madeFrom' => $original->madeFrom,
                ],
                $this->originals,
            ),
            'files' => array_map(
                fn (PackedFile $file): array => [
                    'path' => $file->path(),
                    'sha256' => $file->sha256,
                    'bytes' => $file->bytes,
                    'type' => $file->type,
                ],
                $this->files,
            ),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /**
     * @throws PackageRefused when it is none, or of a newer version
     * @throws InvalidJson when something in it is not as it should be
     */
    public static function decode(string $json): self
    {
        $fields = Fields::parse($json);
        if (! $fields->has('format') || $fields->text('format', 100) !== self::FORMAT) {
            throw PackageRefused::none();
        }
        $version = $fields->integer('version', 1);
        if ($version > self::VERSION) {
            throw PackageRefused::newer($version);
        }
        $files = array_map(self::file(...), $fields->objects('files', self::MOST_FILES));
        $worksheets = array_map(
            fn (Fields $worksheet): PackedWorksheet => self::readWorksheet($worksheet),
            $fields->objects('worksheets', self::MOST_WORKSHEETS),
        );
        if ($worksheets === []) {
            throw PackageRefused::none();
        }

        $originals = array_map(self::original(...), $fields->objects('originals', self::MOST_FILES));

        return new self($worksheets, $originals, $files);
    }

    /** @return array<string, mixed> */
    private static function worksheet(PackedWorksheet $worksheet): array
    {
        return [
            'id' => $worksheet->id,
            'name' => $worksheet->name,
            'unit' => $worksheet->unit,
            'original' => $worksheet->original,
            'pages' => array_map(
                fn (PackedPage $page): array => [
                    'path' => $page->path,
                    'key' => $page->key,
                    'anchor' => $page->anchor,
                    'role' => $page->role->value,
                    'reason' => $page->reason,
                    'section' => $page->section,
                    'answers' => $page->answers,
                    'refused' => $page->refused,
                    'questions' => $page->questions === null ? null : array_map(self::question(...), $page->questions),
                ],
                $worksheet->pages,
            ),
        ];
    }

    private static function original(Fields $original): PackedOriginal
    {
        return new PackedOriginal(
            $original->text('name', self::LONGEST_NAME),
            (string) self::hash($original, 'sha256', isNeeded: true),
            self::hash($original, 'madeFrom'),
        );
    }

    private static function hash(Fields $fields, string $name, bool $isNeeded = false): ?string
    {
        return $isNeeded || $fields->isGiven($name)
            ? $fields->matching($name, self::HASH, 'a SHA-256 in hexadecimal figures')
            : null;
    }

    private static function file(Fields $file): PackedFile
    {
        return new PackedFile(
            (string) self::hash($file, 'sha256', isNeeded: true),
            $file->integer('bytes', 0),
            $file->text('type', 100),
        );
    }

    private static function readWorksheet(Fields $worksheet): PackedWorksheet
    {
        return new PackedWorksheet(
            $worksheet->integer('id', 1),
            $worksheet->text('name', 120),
            $worksheet->isGiven('unit') ? $worksheet->text('unit', 120) : null,
            self::hash($worksheet, 'original'),
            array_map(self::page(...), $worksheet->objects('pages', self::MOST_PAGES)),
        );
    }

    private static function page(Fields $page): PackedPage
    {
        $path = '/^(pages|keys)\/[0-9a-z-]{1,60}\.json$/D';

        return new PackedPage(
            $page->matching('path', $path, 'a file in pages/'),
            $page->isGiven('key') ? $page->matching('key', $path, 'a file in keys/') : null,
            $page->matching('anchor', '/^[a-z0-9]{1,24}$/D', 'small letters and figures'),
            $page->isGiven('role') ? $page->oneOf('role', Role::class) : Role::Unknown,
            $page->isGiven('reason') ? $page->text('reason', self::LONGEST_NAME) : '',
            $page->isGiven('section') ? $page->text('section', self::LONGEST_NAME) : null,
            $page->isGiven('answers') ? $page->integers('answers', self::MOST_PAGES) : [],
            $page->isGiven('refused') ? $page->integers('refused', self::MOST_PAGES) : [],
            $page->isGiven('questions')
                ? array_map(self::readQuestion(...), $page->objects('questions', MendedQuestions::MOST))
                : null,
        );
    }

    /** @return array<string, mixed> */
    private static function question(Question $question): array
    {
        return [
            'number' => $question->number,
            'x' => $question->frame->x,
            'y' => $question->frame->y,
            'width' => $question->frame->width,
            'height' => $question->frame->height,
            'goesOn' => $question->goesOn,
            'of' => $question->of,
        ];
    }

    private static function readQuestion(Fields $question): Question
    {
        return new Question(
            $question->matching('number', MendedQuestions::NUMBER, 'letters and figures'),
            Frame::of(
                $question->number('x', 0, Size::LARGEST),
                $question->number('y', 0, Size::LARGEST),
                $question->number('width', 0, Size::LARGEST),
                $question->number('height', 0, Size::LARGEST),
            ),
            [],
            $question->isGiven('goesOn') && $question->flag('goesOn'),
            $question->isGiven('of') ? $question->matching('of', MendedQuestions::NUMBER, 'letters and figures') : null,
        );
    }
}
