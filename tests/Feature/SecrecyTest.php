<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandBack;
use App\Actions\MarkByKey;
use App\Actions\WriteComment;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\PageRevision;
use App\Models\Student;
use App\Models\Teacher;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Work;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/**
 * Looks for the text of every key, for comments and for marks in all that students can fetch, over all handouts of the
 * demo, in each state that a copy can be in.
 */
final class SecrecyTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    /** Of marks, and of what is right. */
    private const SIGNS = ['data-mark', 'mark__sign', 'right-model', 'judged'];

    public function test_no_key_comment_or_mark_is_in_what_a_student_gets_before_it_is_theirs_to_see(): void
    {
        $this->seed(DemoSeeder::class);
        $hidden = $this->hideWords();
        $searched = $found = $models = 0;
        $items = HandoutItem::with(['edition.revisions', 'handout'])->get()->filter(
            fn (HandoutItem $item): bool => $item->mode->hasCopies() && $item->handout->out_at?->isPast() === true,
        );
        foreach ($items as $item) {
            app(MarkByKey::class)($item);
            // Comments are there from the start, as of a teacher who writes them while the class is at work.
            $copies = $item->copies()->whereNull('returned_at')->pluck('id')->map(intval(...))->values()->all();
            app(WriteComment::class)(Teacher::firstOrFail(), $copies, null, 'zanzibarian remark');
            foreach (CopyState::cases() as $state) {
                $copy = $item
                    ->copies()
                    ->with(['student', 'students', 'item.edition'])
                    ->where('state', $state)
                    ->whereNull('returned_at')
                    ->first();
                if ($copy === null) {
                    continue;
                }
                // Nothing of their own hides what comes from the server.
                $copy->update(['work' => Work::none()->toJson()]);
                $secrets = [...$this->of($item, $hidden), 'zanzibarian', ...self::SIGNS];
                foreach ($this->all($copy) as $address => $content) {
                    foreach ($secrets as $secret) {
                        $searched++;
                        $this->assertStringNotContainsString($secret, $content, "{$address} ({$state->value})");
                    }
                }
            }
        }
        $this->assertGreaterThan(1000, $searched);
        // That what is looked for can be found at all: once it is handed back, all of it is there.
        foreach ($items as $item) {
            $copy = $item->copies()->with(['student', 'students', 'item.edition'])->first();
            if ($copy === null) {
                continue; // Nobody has taken one from the class shelf.
            }
            $copy->update(['state' => CopyState::HandedIn, 'handed_in_at' => now()]);
            $item->handout->update(['answers_shown_at' => now()]);
            app(HandBack::class)($item, [$copy->id], now());
            $content = implode('', $this->all($copy->refresh()));
            $isSaid = Comment::where('copy_id', $copy->id)->where('words', 'zanzibarian remark')->exists();
            $this->assertSame($isSaid, str_contains($content, 'zanzibarian'), $item->edition->name);
            $models += substr_count($content, 'class="right-model"');
            $found += count(array_filter(
                $this->of($item, $hidden),
                fn (string $word): bool => str_contains($content, $word),
            ));
        }
        $this->assertGreaterThan(5, $found);
        $this->assertGreaterThan(2, $models);
    }

    /**
     * @param  array<int, list<string>>  $hidden
     * @return list<string>
     */
    private function of(HandoutItem $item, array $hidden): array
    {
        return array_merge([], ...array_values(array_intersect_key(
            $hidden,
            $item->edition->revisions->keyBy('id')->all(),
        )));
    }

    /** @return array<string, string> what the student of a copy gets, by address */
    private function all(Copy $copy): array
    {
        $student = $copy->people()->firstOrFail();
        $this->assertInstanceOf(Student::class, $student);
        $this->actingAs($student, 'student');
        $own = "/my/copies/{$copy->id}";
        $nothing = ['base' => 0, 'window' => 'abcd', 'answers' => (object) []];
        $all = [
            '/my/day' => $this->get('/my/day'),
            '/my/shelf' => $this->get('/my/shelf'),
            $own => $this->get($own),
            "{$own} as data" => $this->getJson($own),
            "{$own}?answers" => $this->get("{$own}?answers=1&marks=1&mode=bench"),
            "{$own} saved" => $this->patchJson($own, ['draft' => $nothing]),
            "{$own} pulse" => $this->postJson("{$own}/pulse", ['window' => 'abcd', 'seen' => 0]),
            '/my/readings' => $this->get("/my/readings/{$copy->handout_item_id}"),
        ];
        for ($page = 1; $page <= $copy->item->edition->pages_count; $page++) {
            $all["{$own} guides {$page}"] = $this->get("{$own}/guides/{$page}");
        }

        return array_map(fn ($response): string => html_entity_decode((string) $response->getContent()), $all);
    }

    /**
     * Puts words that stand nowhere else in the place of the right ones: in all pages that were handed out.
     *
     * @return array<int, list<string>> those words, by revision
     */
    private function hideWords(): array
    {
        $hidden = [];
        $given = DB::table('edition_pages')->select('page_revision_id');
        foreach (PageRevision::whereIn('id', $given)->get() as $revision) {
            $content = json_decode($revision->content, true);
            $this->rekey($content, $revision->id, $hidden);
            DB::table('page_revisions')->where('id', $revision->id)->update([
                'content' => PageRevision::packed((string) json_encode($content)),
            ]);
        }

        return $hidden;
    }

    /** @param  array<int, list<string>>  $hidden */
    private function rekey(mixed &$value, int $revision, array &$hidden): void
    {
        if (! is_array($value)) {
            return;
        }
        $kind = $value['answer'] ?? 'short';
        if (($value['key'] ?? []) !== [] && is_string($value['key'][0] ?? null)) {
            $n = array_sum(array_map(count(...), $hidden)) + 1;
            $word = match ($kind) {
                'short', 'lines' => "quoxle{$n}",
                'number' => "98765.{$n}1",
                default => null, // One of those that are offered.
            };
            $value['key'] = $word === null ? $value['key'] : [$word];
            $hidden[$revision] = [...$hidden[$revision] ?? [], ...array_filter([$word])];
        }
        if ($kind === 'passage' && is_string($value['right'] ?? null)) {
            $value['right'] .= ' Quoxle passage.';
            $hidden[$revision][] = 'Quoxle passage.';
        }
        foreach ($value as $name => &$one) {
            if ($name !== 'key') {
                $this->rekey($one, $revision, $hidden);
            }
        }
    }
}
