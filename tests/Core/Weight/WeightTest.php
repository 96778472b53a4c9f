<?php

declare(strict_types=1);

namespace Tests\Core\Weight;

use OpenSlate\Edit\Paper\Lighten;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Picture;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Weight\Lightening;
use OpenSlate\Weight\PageWeight;
use OpenSlate\Weight\WeighedFile;
use OpenSlate\Weight\WeighedKind;
use PHPUnit\Framework\TestCase;

final class WeightTest extends TestCase
{
    public function test_a_file_that_lies_on_a_page_twice_is_loaded_once_and_a_recording_only_when_it_is_played(): void
    {
        $weight = new PageWeight([
            new WeighedFile(WeighedKind::Picture, 'gull', 300_000, 'a'),
            new WeighedFile(WeighedKind::Recording, 'welcome', 900_000, 'b'),
            new WeighedFile(WeighedKind::Picture, 'gull', 300_000, 'c'),
            new WeighedFile(WeighedKind::Print, 'print', 500_000),
        ]);

        $this->assertSame([800_000, 900_000], [$weight->loaded(), $weight->played()]);
        $this->assertSame(WeighedKind::Print, $weight->heaviest()?->kind);
        $this->assertFalse($weight->isHeavy());
        $this->assertSame('welcome', $weight->files[0]->sha256);
    }

    public function test_pages_share_what_lies_on_all_of_them(): void
    {
        $page = fn (string $print): PageWeight => new PageWeight([
            new WeighedFile(WeighedKind::Picture, 'badge', 1_500_000, 'a'),
            new WeighedFile(WeighedKind::Print, $print, 400_000),
        ]);
        $all = PageWeight::ofAll($page('one'), $page('two'));

        $this->assertSame(2_300_000, $all->loaded());
        $this->assertTrue($all->isHeavy());
        $this->assertSame(0, PageWeight::ofAll()->loaded());
        $this->assertNull(PageWeight::ofAll()->heaviest());
    }

    public function test_a_picture_gets_no_more_pixels_than_show_at_144_to_the_inch(): void
    {
        $frame = Frame::of(0, 0, 144, 144); // two inches
        $this->assertSame('288-jpeg-70', Lightening::ofPicture(1600, 1600, $frame, false)->name());
        $this->assertSame('288-png', Lightening::ofPicture(1600, 1600, $frame, true)->name());
        // It is as large as fits: a tall one is as high as the frame, and half as wide.
        $this->assertSame(144, Lightening::ofPicture(800, 1600, $frame, false)->width);
        $this->assertSame(288, Lightening::ofPicture(1600, 800, $frame, false)->width);
        // It is never made larger.
        $this->assertSame(100, Lightening::ofPicture(100, 100, $frame, false)->width);
    }

    public function test_a_print_is_drawn_at_100_to_the_inch(): void
    {
        $this->assertSame('827-jpeg-60', Lightening::ofPrint(1191, 595.28)->name());
        $this->assertSame(600, Lightening::ofPrint(600, 595.28)->width);
    }

    public function test_a_step_is_offered_that_saves_a_good_share_and_more_than_a_trifle(): void
    {
        $this->assertTrue(Lightening::isWorth(1_000_000, 850_000));
        $this->assertFalse(Lightening::isWorth(1_000_000, 850_001));
        $this->assertTrue(Lightening::isWorth(40_000, 20_000));
        $this->assertFalse(Lightening::isWorth(39_999, 20_000));
        $this->assertFalse(Lightening::isWorth(500_000, 700_000));
    }

    public function test_lighter_pictures_stand_where_the_others_stood_and_nothing_else_is_changed(): void
    {
        [$heavy, $light, $other] = [str_repeat('aa', 32), str_repeat('bb', 32), str_repeat('cc', 32)];
        $page = fn (string $shown): Page => new Page(
            Size::of(595, 842),
            Colour::white(),
            Backdrop::of($other, 3, frame: Frame::of(10, 10, 300, 400)),
            [
                new Picture('a', Frame::of(10, 10, 90, 90), $shown, 'a gull'),
                new Picture('b', Frame::of(10, 110, 90, 90), $other),
                new Part('c', Frame::of(10, 210, 90, 90), PartForm::Picture, source: $shown, set: [$other, $shown]),
                new Part('d', Frame::of(10, 310, 90, 90)),
                new Clip('e', Frame::of(10, 410, 90, 90), $heavy, 1),
            ],
            carried: 12.5,
        );

        $this->assertEquals($page($light), (new Lighten(false, [$heavy => $light]))->apply($page($heavy)));
        $this->assertEquals($page($heavy), (new Lighten(false, []))->apply($page($heavy)));
    }

    public function test_a_lighter_print_lies_as_it_lay_and_stays_light_when_it_is_turned_and_kept(): void
    {
        $print = Backdrop::of(str_repeat('aa', 32), 3, frame: Frame::of(10, 10, 300, 400));
        $page = new Page(Size::of(595, 842), Colour::white(), $print);
        $lighter = (new Lighten(true, []))->apply($page);

        $this->assertTrue($lighter->backdrop?->light);
        $this->assertEquals($print->frame, $lighter->backdrop->frame);
        $kept = PageCodec::decode(PageCodec::encode($lighter));
        $this->assertTrue($kept->backdrop?->light);
        $this->assertTrue($kept->backdrop->laid(Frame::of(0, 0, 9, 9))->light);
        $this->assertStringNotContainsString('light', PageCodec::encode($page));
        $bare = new Page(Size::of(595, 842), Colour::white());
        $this->assertEquals($bare, (new Lighten(true, []))->apply($bare));
    }
}
