<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsCodec;
use OpenSlate\Text\LinesCodec;
use OpenSlate\Text\PrintedText;

/**
 * One printed page of a stored file: its size in points, the colour of its paper, its pictures.
 *
 * @property int $id
 * @property string $source
 * @property int $page
 * @property float $width
 * @property float $height
 * @property string $paper
 * @property string $image
 * @property string $thumbnail
 * @property string|null $light a lighter picture of it; null until one was wanted
 * @property string|null $lines as OpenSlate\Text\LinesCodec writes them; null until somebody has read them
 * @property bool $looked_for_words whether words were looked for in its picture, where it has none in print
 * @property string|null $blanks as OpenSlate\Blanks\Proposals writes them; null until somebody has looked
 * @property string|null $questions as OpenSlate\Questions\QuestionsCodec writes them; null until somebody has looked
 */
final class Backdrop extends Model
{
    public $timestamps = false;

    protected $table = 'backdrops';

    protected $fillable = [
        'source',
        'page',
        'width',
        'height',
        'paper',
        'image',
        'thumbnail',
        'light',
        'lines',
        'looked_for_words',
        'blanks',
        'questions',
    ];

    /** @return list<Blank>|null null until somebody has looked for them */
    public function blanksFound(): ?array
    {
        return $this->blanks === null ? null : Proposals::decode($this->blanks);
    }

    /** @return list<Question> none where nobody has looked for them */
    public function questionsFound(): array
    {
        return $this->questions === null ? [] : QuestionsCodec::decode($this->questions);
    }

    /** @return list<Question> of the page before it in its file, whose last question may go on here */
    public static function questionsBefore(string $source, int $page): array
    {
        return self::where(['source' => $source, 'page' => $page - 1])->first()?->questionsFound() ?? [];
    }

    /** What is printed on it, as far as its words can be read. */
    public function text(): PrintedText
    {
        return new PrintedText($this->size(), $this->lines === null ? [] : LinesCodec::decode($this->lines));
    }

    /** Whether nothing is printed on it in words, and nobody has looked for any in its picture. */
    public function isUnread(): bool
    {
        return ! $this->looked_for_words && $this->lines === LinesCodec::encode([]);
    }

    public function size(): Size
    {
        return Size::of($this->width, $this->height);
    }

    protected function casts(): array
    {
        return ['looked_for_words' => 'boolean'];
    }
}
