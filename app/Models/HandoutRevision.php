<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Handout\Terms;

/**
 * One state of what a handout says.
 *
 * @property int $id
 * @property int $handout_id
 * @property int $number
 * @property int|null $undo_to
 * @property int|null $redo_to
 * @property string $content
 */
final class HandoutRevision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'handout_revisions';

    protected $fillable = ['handout_id', 'number', 'undo_to', 'redo_to', 'content'];

    public static function record(int $handoutId, Revision $revision, Terms $terms): self
    {
        return self::create([
            'handout_id' => $handoutId,
            'number' => $revision->number,
            'undo_to' => $revision->undoTo,
            'redo_to' => $revision->redoTo,
            'content' => $terms->encode(),
        ]);
    }

    public function revision(): Revision
    {
        return new Revision($this->number, $this->undo_to, $this->redo_to);
    }

    public function terms(): Terms
    {
        return Terms::decode($this->content);
    }
}
