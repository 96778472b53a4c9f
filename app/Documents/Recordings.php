<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Sound\RecordingFormat;

/**
 * Takes recordings in: read, made small, and written anew in what browsers on all devices play (AAC, and H.264 for
 * films, in MP4). What else the file had in it (where and with what it was made, and anything that is no recording) is
 * gone.
 */
final class Recordings
{
    /** Pixels that a film is wide at most. */
    private const WIDEST = 640;

    /** Seconds beyond the longest that are a matter of rounding. */
    private const GRACE = 1.0;

    private const SOUND = ['-c:a', 'aac', '-aac_coder', 'fast', '-ac', '1', '-ar', '44100', '-b:a', '64k'];

    private const FILM = [
        ...['-c:v', 'libx264', '-preset', 'veryfast', '-crf', '28', '-profile:v', 'baseline'],
        ...['-pix_fmt', 'yuv420p', '-r', '24', '-fps_mode', 'cfr'],
    ];

    /** The demuxer is named, so that no file is taken for a list of other files. */
    private const DEMUXERS = ['webm' => 'matroska', 'ogg' => 'ogg', 'mp4' => 'mov', 'mp3' => 'mp3', 'wav' => 'wav'];

    public function __construct(private FileStore $files, private Deadline $deadline)
    {
    }

    /**
     * @param  bool  $heard  whether it is only to be heard: nothing that could be seen of it is kept
     *
     * @throws FileRefused
     */
    public function take(string $path, bool $heard): KeptRecording
    {
        $mostBytes = (int) config('slate.recordings.most_bytes');
        $bytes = (int) filesize($path);
        if ($bytes === 0) {
            throw FileRefused::empty();
        }
        if ($bytes > $mostBytes) {
            throw FileRefused::recordingTooHeavy($bytes, $mostBytes);
        }
        $format =
            RecordingFormat::of((string) file_get_contents($path, length: RecordingFormat::HEAD)) ??
            throw FileRefused::noRecording();

        $this->deadline->start((float) config('slate.recordings.seconds'));
        try {
            return $this->files->inWorkFolder(function (string $folder) use ($path, $format, $heard): KeptRecording {
                copy($path, "{$folder}/sent");
                $kinds = $this->kinds("{$folder}/sent", $format, $folder);
                $isFilm = ! $heard && in_array('video', $kinds, true);
                if (! $isFilm && ! in_array('audio', $kinds, true)) {
                    throw FileRefused::noRecording();
                }
                $this->write("{$folder}/sent", $format, $isFilm, "{$folder}/made.mp4", $folder);
                $seconds = $this->seconds("{$folder}/made.mp4", $folder);
                $most = (int) config('slate.recordings.most_seconds');
                if ($seconds <= 0.0) {
                    throw FileRefused::noRecording();
                }
                if ($seconds > $most + self::GRACE) {
                    throw FileRefused::recordingTooLong($most);
                }

                return new KeptRecording(
                    $this->files->take("{$folder}/made.mp4", $isFilm ? 'video/mp4' : 'audio/mp4'),
                    min($seconds, (float) $most),
                    $isFilm,
                );
            });
        } catch (FileRefused $refused) {
            // It speaks of a recording, where the limit speaks of a PDF.
            throw $refused->reason === 'too_much_work' ? FileRefused::recordingTakesTooLong($refused) : $refused;
        } finally {
            $this->deadline->stop();
        }
    }

    /**
     * What a recording is that left from here, and so is as this writes them.
     *
     * @throws FileRefused where it is no recording, or not as those are
     */
    public function typeOf(string $path): string
    {
        $format = RecordingFormat::of((string) file_get_contents($path, length: RecordingFormat::HEAD));
        $folder = dirname($path);
        $kinds = $format === RecordingFormat::Mp4 ? $this->kinds($path, $format, $folder) : [];
        $seconds = $kinds === [] ? 0.0 : $this->seconds($path, $folder);
        if (
            array_diff($kinds, ['audio', 'video']) !== [] ||
            $seconds <= 0.0 ||
            $seconds > (float) config('slate.recordings.most_seconds') + self::GRACE ||
            (int) filesize($path) > (int) config('slate.recordings.most_bytes')
        ) {
            throw FileRefused::noRecording();
        }

        return in_array('video', $kinds, true) ? 'video/mp4' : 'audio/mp4';
    }

    /** @return list<string> "audio", "video" … of what is in it; pictures that come with a song are no film */
    private function kinds(string $path, RecordingFormat $format, string $folder): array
    {
        $said = LimitedProcess::run(
            [
                ...['ffprobe', '-v', 'error', '-protocol_whitelist', 'file', '-f', self::DEMUXERS[$format->value]],
                ...['-show_entries', 'stream=codec_type:stream_disposition=attached_pic', '-of', 'json', $path],
            ],
            $folder,
        )->getOutput();
        $streams = json_decode($said, true)['streams'] ?? [];
        $kinds = [];
        foreach (is_array($streams) ? $streams : [] as $stream) {
            if (($stream['disposition']['attached_pic'] ?? 0) === 0) {
                $kinds[] = (string) ($stream['codec_type'] ?? '');
            }
        }

        return $kinds;
    }

    private function write(string $path, RecordingFormat $format, bool $isFilm, string $made, string $folder): void
    {
        $longest = (float) config('slate.recordings.most_seconds') + 2 * self::GRACE;
        $seen = $isFilm
            ? [
                ...['-map', '0:V:0', '-map', '0:a:0?', '-vf', 'scale=\'2*trunc(min('.self::WIDEST.',iw)/2)\':-2'],
                ...self::FILM,
            ]
            : ['-map', '0:a:0', '-vn'];
        LimitedProcess::run(
            [
                ...['ffmpeg', '-nostdin', '-hide_banner', '-v', 'error', '-threads', '1'],
                ...['-protocol_whitelist', 'file', '-f', self::DEMUXERS[$format->value], '-i', $path],
                ...['-t', (string) $longest, ...$seen, ...self::SOUND],
                ...['-map_metadata', '-1', '-map_chapters', '-1', '-sn', '-dn'],
                ...['-fflags', '+bitexact', '-flags', '+bitexact', '-movflags', '+faststart', '-f', 'mp4', $made],
            ],
            $folder,
        );
    }

    private function seconds(string $made, string $folder): float
    {
        if (! is_file($made)) {
            return 0.0;
        }

        return (float) trim(
            LimitedProcess::run(
                [
                    ...['ffprobe', '-v', 'error', '-protocol_whitelist', 'file', '-f', 'mov'],
                    ...['-show_entries', 'format=duration', '-of', 'csv=p=0', $made],
                ],
                $folder,
            )->getOutput(),
        );
    }
}
