<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;

/**
 * Parts, spots and a tray that a teacher keeps to lay on other pages. What is laid is a copy: a kit that is thrown away
 * changes no page.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $name
 * @property string $content
 */
final class Kit extends Model
{
    protected $table = 'kits';

    protected $fillable = ['teacher_id', 'name', 'content'];

    public function page(): Page
    {
        return PageCodec::decode($this->content);
    }
}
