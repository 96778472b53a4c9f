<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Edit\History\Revision;

/**
 * One state of a worksheet's list of pages.
 *
 * @property int $id
 * @property int $worksheet_id
 * @property int $number
 * @property int|null $undo_to
 * @property int|null $redo_to
 * @property string $content
 */
final class ArrangementRevision extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'arrangements';

    protected $fillable = ['worksheet_id', 'number', 'undo_to', 'redo_to', 'content'];

    public static function record(int $worksheetId, Revision $revision, Arrangement $arrangement): self
    {
        return self::create([
            'worksheet_id' => $worksheetId,
            'number' => $revision->number,
            'undo_to' => $revision->undoTo,
            'redo_to' => $revision->redoTo,
            'content' => $arrangement->encode(),
        ]);
    }

    public function revision(): Revision
    {
        return new Revision($this->number, $this->undo_to, $this->redo_to);
    }

    public function arrangement(): Arrangement
    {
        return Arrangement::decode($this->content);
    }
}
