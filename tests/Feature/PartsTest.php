<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\Kit;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Worksheet;
use App\ShippedKits;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Parts\LayKit;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

final class PartsTest extends TestCase
{
    use RefreshDatabase;

    private function copyOf(Element ...$elements): Copy
    {
        $worksheet = Worksheet::factory()->withPages(...$elements)->create();
        $class = SchoolClass::factory()->of($worksheet->teacher)->create();
        $student = Student::factory()->create();
        $class->students()->attach($student);
        $due = CarbonImmutable::parse('2030-12-03 15:30 UTC');
        $plan = new HandoutPlan('Boats', '', $due, null, [[$worksheet, Mode::OwnCopy]], [$class]);
        app(HandOutWorksheets::class)($worksheet->teacher, $plan);
        $this->actingAs($student, 'student');

        return Copy::sole();
    }

    /**
     * @param  array<string, mixed>  $model
     * @return TestResponse<Response>
     */
    private function move(Copy $copy, int $base, array $model, string $window = 'wind'): TestResponse
    {
        return $this->patchJson("/my/copies/{$copy->id}", [
            'draft' => [
                'base' => $base,
                'window' => $window,
                'answers' => ['1._parts' => $model === [] ? '' : json_encode($model)],
            ],
            'page' => 1,
        ]);
    }

    public function test_the_server_says_where_a_part_settles(): void
    {
        $copy = $this->copyOf(
            new Part('crab', Frame::of(20, 20, 40, 20)),
            new Spot('pool', Frame::of(100, 100, 60, 40), SpotForm::Slot, settle: Settle::Stack),
            new AnswerBox('a', Frame::of(50, 300, 200, 18)),
        );
        $this->move($copy, 0, ['crab.1' => [104, 105], 'near' => 8])
            ->assertOk()
            ->assertJson([
                'filled' => 1,
                'models' => ['1._parts' => '{"crab.1":[110,110,"@pool"]}'],
                'said' => [],
            ]);

        $this->assertSame('{"crab.1":[110,110,"@pool"]}', $copy->refresh()->written()->text('1._parts'));
        $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->assertSee('1 of 2 filled')
            ->assertSee('rectangle, in slot');
    }

    public function test_a_draft_sent_twice_changes_nothing_more_and_an_older_window_is_told(): void
    {
        $copy = $this->copyOf(
            new Part('crab', Frame::of(20, 20, 40, 20)),
            new Part('gull', Frame::of(20, 60, 40, 20)),
        );
        $this->move($copy, 0, ['crab.1' => [104, 205]])->assertJson(['revision' => 1]);
        $this->move($copy, 0, ['crab.1' => [104, 205]])->assertJson(['revision' => 1, 'conflicts' => []]);
        $this->move($copy, 0, ['gull.1' => [304, 205]], 'other')->assertJson([
            'revision' => 1,
            'conflicts' => ['1._parts' => '{"crab.1":[104,205]}'],
        ]);
    }

    public function test_a_move_sent_twice_leaves_what_went_along_where_it_is(): void
    {
        $copy = $this->copyOf(
            new Part('hull', Frame::of(300, 300, 80, 20), joints: [new Joint('deck', 0.5, 0)]),
            new Part('mast', Frame::of(20, 60, 10, 40), joints: [new Joint('foot', 0.5, 1)]),
        );
        $this->move($copy, 0, ['mast.1' => [336, 262], 'near' => 8])->assertJson([
            'models' => ['1._parts' => '{"mast.1":[335,260,"foot>hull.1.deck"]}'],
        ]);
        $sailed = [
            'mast.1' => [335, 260, 'foot>hull.1.deck'],
            'hull.1' => [203, 307],
            'near' => 8,
            'moved' => ['hull.1'],
        ];
        foreach (['sent', 'sent again, because the answer was lost'] as $time) {
            $this->move($copy, 1, $sailed)
                ->assertOk()
                ->assertJson(
                    [
                        'revision' => 2,
                        'models' => ['1._parts' => '{"mast.1":[238,267,"foot>hull.1.deck"],"hull.1":[203,307]}'],
                    ],
                    $time,
                );
        }
        // What a window says it has moved is not said of parts that are not there.
        $this->move($copy, 2, ['moved' => ['gull.1', 7]] + $sailed)
            ->assertOk()
            ->assertJson(['revision' => 2]);
        $this->move($copy, 2, ['hull.1' => [203, 307], 'moved' => ['mast.1']])
            ->assertOk()
            ->assertJson(['models' => ['1._parts' => '{"hull.1":[203,307]}']]);
    }

    public function test_the_lines_to_hold_to_come_from_where_parts_are_now(): void
    {
        $copy = $this->copyOf(
            new Part('crab', Frame::of(20, 20, 40, 20)),
            new Part('gull', Frame::of(20, 60, 40, 20)),
        );
        $this->move($copy, 0, ['crab.1' => [104, 205]])->assertOk();
        $lines = collect(
            $this->getJson("/my/copies/{$copy->id}/guides/1")
                ->assertOk()
                ->json('x'),
        )->mapWithKeys(fn (array $line): array => [(string) $line[0] => $line[1]]);

        $this->assertSame(['crab.1'], $lines['104']);
        $this->assertSame(['gull.1'], $lines['20']);
        $this->getJson("/my/copies/{$copy->id}/guides/2")->assertNotFound();
    }

    public function test_what_does_not_go_there_is_said_and_stays(): void
    {
        $copy = $this->copyOf(
            new Part('crab', Frame::of(20, 20, 40, 20), text: 'crab'),
            new Spot('pool', Frame::of(100, 100, 60, 40), takes: ['whelk']),
        );
        $this->move($copy, 0, ['crab.1' => [104, 105]])
            ->assertOk()
            ->assertJson(['said' => ['crab does not go there.'], 'models' => ['1._parts' => '']]);
    }

    public function test_parts_that_are_not_there_are_refused_with_words(): void
    {
        $copy = $this->copyOf(new Part('crab', Frame::of(20, 20, 40, 20)));
        $this->move($copy, 0, ['crab.1' => [104, 105]])->assertOk();
        $models = [['gull.1' => [1, 2]], ['crab.2' => [1, 2]], ['crab.1' => 'here'], ['crab.1' => [1, 2, '', 'words']]];
        foreach ($models as $model) {
            $this->move($copy, 1, $model)
                ->assertOk()
                ->assertJsonStructure(['refused' => ['1._parts']]);
        }
        $this->assertSame('{"crab.1":[104,105]}', $copy->refresh()->written()->text('1._parts'));
    }

    public function test_a_copy_with_150_moved_parts_is_under_8_kilobytes(): void
    {
        $copy = $this->copyOf(
            ...array_map(fn (int $n): Part => new Part("p{$n}", Frame::of(10, 10, 20, 10)), range(1, 149)),
            ...[new Part('p0', Frame::of(10, 10, 20, 10))],
        );
        $model = [];
        foreach (range(0, 149) as $n) {
            $model["p{$n}.1"] = [30.25 + 31 * ($n % 15), 40.75 + 33 * intdiv($n, 15)];
        }
        $this->move($copy, 0, [...$model, 'near' => 8])->assertOk();

        $this->assertLessThan(8192, strlen((string) $copy->refresh()->work));
        $this->assertCount(150, (array) json_decode($copy->written()->text('1._parts'), true));
    }

    public function test_a_picture_card_takes_only_pictures_of_its_set_and_those_of_the_student(): void
    {
        $set = str_repeat('9c', 32);
        $copy = $this->copyOf(
            new Part('card', Frame::of(20, 20, 40, 40), PartForm::Picture, own: true, set: [$set]),
        );
        $other = str_repeat('7e', 32);
        StoredFile::create(['sha256' => $other, 'bytes' => 10, 'media_type' => 'image/png']);
        $this->move($copy, 0, ['card.1' => [100, 100, '', $other]])->assertJsonStructure([
            'refused' => ['1._parts'],
        ]);
        $this->move($copy, 0, ['card.1' => [100, 100, '', 'words']])->assertJsonStructure([
            'refused' => ['1._parts'],
        ]);
        $this->move($copy, 0, ['card.1' => [100, 100, '', $set]])->assertOk();
        $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->assertSee('picture, with a picture, on the page')
            ->assertSee("/pictures/{$set}");
    }

    public function test_every_kit_that_ships_can_be_laid_on_paper_of_any_usual_size(): void
    {
        $this->assertGreaterThanOrEqual(12, count(ShippedKits::all()));
        foreach (array_keys(ShippedKits::all()) as $slug) {
            foreach ([[595, 842], [842, 595], [420, 595], [595, 420], [612, 792]] as [$width, $height]) {
                $n = 0;
                $kit = ShippedKits::find($slug);
                $this->assertNotNull($kit);
                $page = (new LayKit($kit, function () use (&$n): string {
                    return 'n'.++$n;
                }))->apply(new Page(Size::of($width, $height), Colour::white()));
                $this->assertSame(count($kit->elements()), count($page->elements()), $slug);
                $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)), $slug);
            }
        }
    }

    public function test_a_teacher_keeps_a_kit_lays_it_on_another_page_and_throws_it_away_without_loss(): void
    {
        $worksheet = Worksheet::factory()
            ->withPages(
                new Part('crab', Frame::of(20, 20, 40, 20), text: 'crab'),
                new AnswerBox('a', Frame::of(50, 300, 200, 18)),
            )
            ->create();
        $other = Worksheet::factory()
            ->for($worksheet->teacher)
            ->withPages(new Part('gull', Frame::of(20, 20, 40, 20)))
            ->create();
        $this->actingAs($worksheet->teacher, 'teacher');
        $page = $worksheet->pages()->sole();
        $this->postJson("/pages/{$page->id}/kits", ['name' => ''])->assertUnprocessable();
        $this->postJson("/pages/{$page->id}/kits", ['name' => 'Shore', 'ids' => ['a']])->assertUnprocessable();
        $kit = $this->postJson("/pages/{$page->id}/kits", ['name' => 'Shore'])
            ->assertOk()
            ->json('kit');

        $target = $other->pages()->sole();
        $this->postJson("/pages/{$target->id}/kit", ['base' => 1, 'kit' => (string) $kit])
            ->assertOk()
            ->assertJsonCount(1, 'new');
        $this->postJson("/pages/{$target->id}/kit", ['base' => 1, 'kit' => (string) $kit])->assertConflict();
        $this->postJson("/pages/{$target->id}/kit", ['base' => 2, 'kit' => 'food-web'])->assertOk();
        $this->postJson("/pages/{$target->id}/kit", [
            'base' => 3,
            'kit' => '../../etc/passwd',
        ])->assertUnprocessable();
        $this->deleteJson("/kits/{$kit}")->assertOk();
        $this->assertContains(
            'crab',
            array_map(fn (Part $part): string => $part->text, $target->refresh()->current->page()->parts()),
        );
        $this->postJson("/pages/{$target->id}/kit", ['base' => 3, 'kit' => (string) $kit])
            ->assertUnprocessable()
            ->assertSee('no longer there');
    }

    public function test_another_teachers_kit_is_not_to_be_had(): void
    {
        $mine = Worksheet::factory()->withPages(new Part('crab', Frame::of(20, 20, 40, 20)))->create();
        $theirs = Worksheet::factory()->withPages(new Part('gull', Frame::of(20, 20, 40, 20)))->create();
        $kit = Kit::create([
            'teacher_id' => $theirs->teacher_id,
            'name' => 'Gulls',
            'content' => $theirs->pages()->sole()->current->content,
        ]);

        $this->actingAs($mine->teacher, 'teacher')
            ->postJson("/pages/{$mine->pages()->sole()->id}/kit", ['base' => 1, 'kit' => (string) $kit->id])
            ->assertUnprocessable();
        $this->deleteJson("/kits/{$kit->id}")->assertForbidden();
    }

    public function test_a_fixed_part_alone_is_nothing_to_fill(): void
    {
        $copy = $this->copyOf(
            (new Part('hull', Frame::of(20, 20, 40, 20)))->locked(true),
            new AnswerBox('a', Frame::of(50, 300, 200, 18)),
        );

        $this->assertSame(1, $copy->item->edition->places_count);
        $this->get("/my/copies/{$copy->id}")
            ->assertOk()
            ->assertDontSee('data-moves', false);
    }
}
