<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Page\Tally;

/**
 * @property int $id
 * @property int $page_id
 * @property int $number
 * @property int|null $undo_to
 * @property int|null $redo_to
 * @property string $content
 */
final class PageRevision extends Model
{
    public const UPDATED_AT = null;

    private const LEVEL = 1;

    private ?Page $decoded = null;

    private ?Page $replaced = null;

    protected $table = 'page_revisions';

    protected $fillable = ['page_id', 'number', 'undo_to', 'redo_to', 'content'];

    /**
     * @param  string  $content  as PageCodec writes it
     * @param  Page|null  $page  the same, where it is at hand: reading it again is spared
     */
    public static function record(int $pageId, Revision $revision, string $content, ?Page $page = null): self
    {
        $made = new self([
            'page_id' => $pageId,
            'number' => $revision->number,
            'undo_to' => $revision->undoTo,
            'redo_to' => $revision->redoTo,
            'content' => $content,
        ]);
        $made->decoded = $page;
        $made->save();

        return $made;
    }

    /**
     * As it is kept: deflated (RFC 1951), and as text, which every database takes. The same content is always kept
     * alike.
     */
    public static function packed(string $content): string
    {
        return 'z'.base64_encode((string) gzdeflate($content, self::LEVEL));
    }

    public function getContentAttribute(string $kept): string
    {
        return str_starts_with($kept, 'z')
            ? (string) gzinflate((string) base64_decode(substr($kept, 1), true))
            : $kept;
    }

    public function setContentAttribute(string $content): void
    {
        $this->attributes['content'] = self::packed($content);
        $this->decoded = null;
    }

    public function revision(): Revision
    {
        return new Revision($this->number, $this->undo_to, $this->redo_to);
    }

    public function page(): Page
    {
        return $this->decoded ??= PageCodec::decode($this->content);
    }

    /** @return list<PageFile> the files that it names, as they were written down with it */
    public function files(): array
    {
        return array_values(
            DB::table('revision_files')
                ->where('page_revision_id', $this->id)
                ->get()
                ->map(
                    fn (object $file): PageFile => new PageFile(
                        $file->sha256,
                        (int) $file->page,
                        (bool) $file->whole,
                    ),
                )
                ->all(),
        );
    }

    protected static function booted(): void
    {
        self::saving(function (self $revision): void {
            $revision->forceFill((array) Tally::of($revision->page()));
        });
        self::saved(function (self $revision): void {
            if (! $revision->wasRecentlyCreated) {
                DB::table('revision_files')->where('page_revision_id', $revision->id)->delete();
            }
            DB::table('revision_files')->insert(
                array_map(
                    fn (PageFile $file): array => [
                        'page_revision_id' => $revision->id,
                        'sha256' => $file->sha256,
                        'page' => $file->page,
                        'whole' => $file->whole,
                    ],
                    PageFile::of($revision->page()),
                ),
            );
        });
    }

    /** What was on the page before, where this revision has just been made from it by an edit. */
    public function replaced(): ?Page
    {
        return $this->replaced;
    }

    /** Spares decoding what was just encoded. */
    public function madeFrom(Page $before, Page $page): self
    {
        [$this->replaced, $this->decoded] = [$before, $page];

        return $this;
    }
}
