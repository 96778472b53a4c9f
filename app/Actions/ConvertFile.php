<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Sources;
use App\Models\Original;
use App\Models\TeacherFile;
use Illuminate\Support\Facades\DB;
use OpenSlate\Conversion\LayoutFinding;
use OpenSlate\Scan\ScannedPicture;

/** Makes the pages of a file that has none itself, once, and notes what may look otherwise on them. */
final class ConvertFile
{
    public function __construct(private Sources $sources, private FileStore $files)
    {
    }

    /** @throws FileRefused when nothing can be made of it */
    public function __invoke(Original $original): void
    {
        if (! $original->isToBeMade()) {
            return;
        }
        $this->files->inWorkFolder(function (string $folder) use ($original): void {
            $path = $this->files->path($original->sha256);
            $conversion = $this->sources->conversionOf($path) ?? throw FileRefused::notPdf();
            $made = $conversion->convert($path, $original->choices ?? [], $folder);
            $source = $this->sources->of($made->path);
            $pages = $source->pages($made->path);
            $texts = $source->texts($made->path, $pages);
            $findings = $made->findings($texts);
            $pictures = $made->pictures;
            foreach ($made->shown as $shown) {
                $this->files->take($shown, 'image/jpeg');
            }
            $pdf = $this->files->take($made->path, $source->mediaType());
            DB::transaction(function () use ($original, $pdf, $pages, $findings, $pictures): void {
                $original->update([
                    'made_from' => $original->sha256,
                    'sha256' => $pdf->sha256,
                    'layout' => LayoutFinding::encode($findings),
                    'pictures' => $pictures === [] ? null : ScannedPicture::encode($pictures),
                ]);
                $original->note($pages);
                TeacherFile::give($original->teacher_id, ...$original->files());
            });
        });
    }
}
