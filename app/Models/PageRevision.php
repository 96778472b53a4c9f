<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Edit\Revision;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageCodec;

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

    private ?Page $decoded = null;

    private ?Page $replaced = null;

    protected $fillable = ['page_id', 'number', 'undo_to', 'redo_to', 'content'];

    public static function record(int $pageId, Revision $revision, string $content): self
    {
        return self::create([
            'page_id' => $pageId,
            'number' => $revision->number,
            'undo_to' => $revision->undoTo,
            'redo_to' => $revision->redoTo,
            'content' => $content,
        ]);
    }

    public function revision(): Revision
    {
        return new Revision($this->number, $this->undo_to, $this->redo_to);
    }

    public function page(): Page
    {
        return $this->decoded ??= PageCodec::decode($this->content);
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
