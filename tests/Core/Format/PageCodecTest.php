<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\PictureAnswer;
use OpenSlate\Answers\Ruling;
use OpenSlate\Answers\SpokenAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Course;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Elements\TextAlign;
use OpenSlate\Elements\TextFit;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PageCodecTest extends TestCase
{
    public static function page(): Page
    {
        return new Page(
            Size::of(594.96, 841.92),
            Colour::of('#fffdf6'),
            Backdrop::of(str_repeat('a1', 32), 3, Rotation::Quarter, Frame::of(0, 12.5, 594.96, 420)),
            [
                new AnswerBox('b1', Frame::of(72, 100.25, 200, 18), TextAnswer::short(), 'Name'),
                new Patch('p1', Frame::of(0, 0, 10, 10)),
                new Label('l1', Frame::of(1.001, 2, 300, 40), "Größe – 你好\nzweite Zeile", 18.5, true, true),
                new AnswerBox('b2', Frame::of(72, 200, 300, 90), TextAnswer::lines(), '', 11, true, false),
                new Link(
                    'g1',
                    Frame::of(50, 500, 120, 14),
                    LinkTarget::of('https://tides.example/today?port=1#high'),
                    'Tides today',
                    12,
                    true,
                    false,
                    false,
                ),
                new Link('g2', Frame::of(50, 520, 120, 30), LinkTarget::page('k7'), outline: true),
                new Link('g3', Frame::of(50, 560, 120, 30), LinkTarget::worksheet(40), 'The tide table'),
                new AnswerBox(
                    'b3',
                    Frame::of(10, 600, 100, 20),
                    TextAnswer::lines(Limit::of(Counted::Sentences, 3, 5), new Ruling(25.5, 20)),
                    'Why?',
                    11,
                    false,
                    false,
                    Font::School,
                    TextAlign::Centre,
                    'Look at page 1',
                    true,
                    2.5,
                    ['The tide', 'tide'],
                    TextFit::Grow,
                    true,
                    'grp',
                    true,
                ),
                new AnswerBox('b4', Frame::of(10, 620, 60, 20), new NumberAnswer('m'), key: ['3.5']),
                new AnswerBox('b5', Frame::of(10, 640, 12, 12), new TickAnswer, key: ['yes']),
                new AnswerBox(
                    'b6',
                    Frame::of(10, 660, 90, 40),
                    ChoiceAnswer::of(
                        [new Option('a', 'ebb', 0, 0, 0.5, 1), new Option('b', 'flood', 0.5, 0, 0.5, 1)],
                        true,
                        ChoiceMark::Tick,
                    ),
                    key: ['a', 'b'],
                ),
                new AnswerBox('b7', Frame::of(10, 700, 60, 20), ListAnswer::of(['ebb', 'flood'])),
                new AnswerBox('b8', Frame::of(10, 720, 300, 60), PassageAnswer::of('the tide', 'The tide.', true)),
                new AnswerBox('b9', Frame::of(10, 780, 60, 20), new DrawingAnswer),
                new AnswerBox('b10', Frame::of(80, 780, 60, 20), new PictureAnswer),
                new AnswerBox('b11', Frame::of(150, 780, 60, 20), new SpokenAnswer),
                new Table(
                    't1',
                    Frame::of(300, 700, 200, 60),
                    [0.25, 0.75],
                    [0.5, 0.5],
                    [
                        new TableCell('Time'),
                        new TableCell('Height'),
                        new TableCell('03:10'),
                        new TableCell('', true, ['4.2']),
                    ],
                    'Tides',
                    points: 1.0,
                ),
                new Label(
                    'l2',
                    Frame::of(10, 10, 100, 20),
                    'Name',
                    font: Font::Hand,
                    align: TextAlign::Right,
                    colour: Colour::of('#1e7b6d'),
                    fills: LabelText::Student,
                ),
                new Picture('i1', Frame::of(10, 40, 50, 50), str_repeat('9c', 32), 'a gull'),
                new Recording(
                    'v1',
                    Frame::of(70, 40, 250, 34),
                    str_repeat('7d', 32),
                    'Welcome',
                    'Look at the gull.',
                    true,
                    12.5,
                ),
                new Shape(
                    's1',
                    Frame::of(10, 90, 50, 50),
                    ShapeForm::Arrow,
                    Lay::Rising,
                    Colour::of('#a93a2c'),
                    2.5,
                    Colour::white(),
                    0.5,
                    true,
                ),
                new Clip('c2', Frame::of(300, 300, 50, 50), str_repeat('0f', 32), 1, kept: true, locked: true),
                new Clip(
                    'c1',
                    Frame::of(300, 500, 120, 160),
                    str_repeat('0f', 32),
                    12,
                    Rotation::Half,
                    0.125,
                    0.5,
                    0.25,
                    0.5,
                ),
                new Part(
                    'm1',
                    Frame::of(620, 20, 40, 40),
                    PartForm::Polygon,
                    'buoy',
                    'red buoy',
                    13,
                    true,
                    Font::School,
                    Colour::of('#a93a2c'),
                    2.0,
                    Colour::white(),
                    0.5,
                    true,
                    Colour::of('#26343b'),
                    5,
                    stock: 5,
                    own: true,
                    joints: [new Joint('a', 0.5, 1.0), new Joint('b', 0.0, 0.25)],
                ),
                new Part('m2', Frame::of(620, 80, 40, 40), PartForm::Picture, source: str_repeat('9c', 32)),
                new Part(
                    'm4',
                    Frame::of(620, 200, 40, 40),
                    PartForm::Picture,
                    name: 'find',
                    own: true,
                    set: [str_repeat('9c', 32), str_repeat('8d', 32)],
                ),
                new Part(
                    'm3',
                    Frame::of(620, 140, 40, 40),
                    PartForm::Connector,
                    lay: Lay::Rising,
                    head: Head::Start,
                    course: Course::Bent,
                    locked: true,
                ),
                new Part(
                    'm5',
                    Frame::of(620, 260, 60, 30),
                    PartForm::Symbol,
                    name: 'fuse',
                    drawing: 'M20 20H80V80H20ZM0 50H100',
                ),
                new Spot(
                    'o1',
                    Frame::of(100, 100, 80, 80),
                    SpotForm::Ring,
                    'inner ring',
                    ['red buoy', 'gull'],
                    3,
                    Settle::Round,
                    false,
                    true,
                    0.5,
                ),
                new Organiser(
                    'r1',
                    Frame::of(50, 600, 300, 150),
                    OrganiserShape::Cycle,
                    5,
                    [new OrganiserBox('egg', ['an egg'], 'Where is it laid?'), new OrganiserBox('larva', level: 1)],
                    'Life of a crab',
                    11,
                    font: Font::Book,
                    needed: true,
                    points: 1.0,
                ),
                new Spot(
                    'o2',
                    Frame::of(100, 200, 80, 80),
                    SpotForm::Slots,
                    columns: 3,
                    rows: 2,
                    large: true,
                    titled: true,
                    group: 'g1',
                ),
            ],
            tray: new Tray(TraySide::Right, 120.0, false),
            key: new ModelKey('{"m1.1":[100,100,"@o1"]}', [ModelAspect::Spots, ModelAspect::Joints], 2.0),
        );
    }

    public function test_a_page_comes_back_exactly_and_is_written_the_same_again(): void
    {
        $json = PageCodec::encode(self::page());
        $back = PageCodec::decode($json);

        $this->assertEquals(self::page(), $back);
        $this->assertSame($json, PageCodec::encode($back));
    }

    public function test_a_page_without_backdrop_comes_back(): void
    {
        $page = new Page(Size::of(612, 792), Colour::white());
        $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
    }

    /** @return array<string, array{string, string}> what to change in the JSON, and the path that is named */
    public static function faults(): array
    {
        return [
            'not JSON' => ['{', '$: is not JSON'],
            'a list' => ['[1]', '$: must be an object'],
            'another version' => [self::with('version', 2), '$.version'],
            'a field nobody knows' => [self::with('theme', 'sea'), '$.theme: is not known'],
            'no elements' => [self::without('elements'), '$.elements: is missing'],
            'an unknown kind' => [self::element(['kind' => 'balloon']), '$.elements[0].kind'],
            'a misspelt trait' => [self::element(['promt' => 'x']), '$.elements[0].promt: is not known'],
            'text for a number' => [self::element(['width' => '200']), '$.elements[0].width: must be a number'],
            'a number for a flag' => [self::element(['cover' => 1]), '$.elements[0].cover: must be true or false'],
            'text too small' => [self::element(['size' => 2]), '$.elements[0].size'],
            'an id that could do harm' => [self::element(['id' => '"><script>']), '$.elements[0].id'],
            'a prompt without end' => [self::element(['prompt' => str_repeat('x', 201)]), '$.elements[0].prompt'],
            'an unknown answer form' => [
                self::element(['answer' => 'essay']),
                '$.elements[0].answer: must be one of short, lines',
            ],
            'a limit that contradicts itself' => [
                self::element(['limit' => ['of' => 'words', 'least' => 5, 'most' => 3]]),
                '$.elements[0].limit: contradicts itself',
            ],
            'a limit of nothing' => [
                self::element(['limit' => ['of' => 'words']]),
                '$.elements[0].limit: needs a least or a most',
            ],
            'a choice of one' => [
                self::element([
                    'answer' => 'choice',
                    'options' => [['id' => 'a', 'words' => '', 'left' => 0, 'top' => 0, 'across' => 1, 'down' => 1]],
                ]),
                '$.elements[0].options: must hold 2 to 40',
            ],
            'a list of blanks' => [
                self::element(['answer' => 'list', 'choices' => ['ebb', '']]),
                '$.elements[0].choices',
            ],
            'a passage without mistakes' => [
                self::element(['answer' => 'passage', 'wrong' => 'Same.', 'right' => 'Same.']),
                '$.elements[0].right: is the same',
            ],
            'words as the key of a number' => [
                self::element(['answer' => 'number', 'key' => ['many']]),
                '$.elements[0].key: must be a number',
            ],
            'a key that is not offered' => [
                self::element(['answer' => 'list', 'choices' => ['ebb', 'flood'], 'key' => ['neap']]),
                '$.elements[0].key: must be among',
            ],
            'points without end' => [self::element(['points' => 1000]), '$.elements[0].points'],
            'a font from elsewhere' => [self::element(['font' => 'Comic']), '$.elements[0].font: must be one of'],
            'a table of no rows' => [
                self::with('elements', [['rows' => [], 'cells' => []] + self::table()]),
                '$.elements[0].rows: must be at least one',
            ],
            'a table short of cells' => [
                self::with('elements', [['rows' => [1, 1]] + self::table()]),
                '$.elements[0].cells: must be as many as rows times columns',
            ],
            'a key in a cell of words' => [
                self::with('elements', [
                    ['cells' => [['text' => 'a', 'fill' => false, 'key' => ['x']]]] + self::table(),
                ]),
                '$.elements[0].cells[0].key',
            ],
            'a picture from elsewhere' => [
                self::with('elements', [
                    [
                        'id' => 'i1',
                        'kind' => 'picture',
                        'x' => 1,
                        'y' => 2,
                        'width' => 100,
                        'height' => 20,
                        'source' => 'https://a.example/x.png',
                        'words' => '',
                    ],
                ]),
                '$.elements[0].source',
            ],
            'a colour by name' => [
                self::with('elements', [
                    [
                        'id' => 's1',
                        'kind' => 'shape',
                        'x' => 1,
                        'y' => 2,
                        'width' => 100,
                        'height' => 20,
                        'form' => 'line',
                        'colour' => 'red',
                        'weight' => 1,
                    ],
                ]),
                '$.elements[0].colour',
            ],
            'two of one id' => [self::elements(['b1', 'b1']), 'id b1'],
            'too many elements' => [
                self::elements(array_map(fn (int $n): string => "e{$n}", range(1, 501))),
                '$.elements: must hold at most 500',
            ],
            'a page of no size' => [
                self::with('paper', ['width' => 0, 'height' => 10, 'colour' => '#ffffff']),
                'smaller',
            ],
            'no colour' => [self::with('paper', ['width' => 100, 'height' => 100, 'colour' => 'white']), 'no colour'],
            'a script for a link' => [
                self::with('elements', [['target' => 'javascript:alert(1)'] + self::link()]),
                '$.elements[0].target: must be an address',
            ],
            'a link to a file' => [
                self::with('elements', [['target' => 'file:///etc/passwd'] + self::link()]),
                '$.elements[0].target',
            ],
            'a clip askew' => [
                self::with('elements', [['turn' => 45] + self::clip()]),
                '$.elements[0].turn: must be one of 0, 90, 180, 270',
            ],
            'a clip of nothing' => [self::with('elements', [['across' => 0] + self::clip()]), '$.elements[0].across'],
            'a part of no known form' => [
                self::with('elements', [['form' => 'blob'] + self::part()]),
                '$.elements[0].form: must be one of ellipse',
            ],
            'a stock of none' => [self::with('elements', [['stock' => 0] + self::part()]), '$.elements[0].stock'],
            'a joint beside its part' => [
                self::with('elements', [['joints' => [['id' => 'a', 'x' => 1.5, 'y' => 0]]] + self::part()]),
                '$.elements[0].joints[0].x',
            ],
            'two joints of one id' => [
                self::with('elements', [
                    ['joints' => [['id' => 'a', 'x' => 1, 'y' => 0], ['id' => 'a', 'x' => 0, 'y' => 0]]] + self::part(),
                ]),
                'Two joints',
            ],
            'a picture of nothing' => [
                self::with('elements', [['form' => 'picture'] + self::part()]),
                '$.elements[0].form: A picture has a source',
            ],
            'a symbol of nothing' => [
                self::with('elements', [['form' => 'symbol'] + self::part()]),
                '$.elements[0].form: A drawing is SVG path data',
            ],
            'a drawing for what is no symbol' => [
                self::with('elements', [['drawing' => 'M0 0L9 9'] + self::part()]),
                '$.elements[0].form: A symbol has a drawing',
            ],
            'a drawing that is none' => [
                self::with('elements', [['form' => 'symbol', 'drawing' => 'M0 0"/><script>'] + self::part()]),
                '$.elements[0].form',
            ],
            'a connector on a way of its own' => [
                self::with('elements', [['course' => 'zigzag'] + self::part()]),
                '$.elements[0].course',
            ],
            'a set for what is no picture' => [
                self::with('elements', [['set' => [['source' => str_repeat('9c', 32)]]] + self::part()]),
                '$.elements[0].form',
            ],
            'a set of addresses' => [
                self::with('elements', [
                    ['form' => 'picture', 'own' => true, 'set' => [['source' => 'https://a.example/x.png']]] +
                    self::part(),
                ]),
                'source',
            ],
            'a polygon of two sides' => [
                self::with('elements', [['sides' => 2] + self::part()]),
                '$.elements[0].sides',
            ],
            'a spot that settles no way' => [
                self::with('elements', [['settle' => 'heap'] + self::spot()]),
                '$.elements[0].settle: must be one of free',
            ],
            'a ring that is all hole' => [self::with('elements', [['hole' => 1] + self::spot()]), '$.elements[0].hole'],
            'a spot for none' => [self::with('elements', [['most' => 0] + self::spot()]), '$.elements[0].most'],
            'a model in a box' => [
                self::element(['answer' => 'model']),
                '$.elements[0].answer: is for a page with parts',
            ],
            'an organiser of no shape' => [
                self::with('elements', [['shape' => 'spiral'] + self::organiser()]),
                '$.elements[0].shape: must be one of steps',
            ],
            'an organiser of one' => [
                self::with('elements', [['number' => 1] + self::organiser()]),
                '$.elements[0].number',
            ],
            'a box too deep' => [
                self::with('elements', [['boxes' => [['name' => '', 'level' => 6]]] + self::organiser()]),
                '$.elements[0].boxes[0].level: ',
            ],
            'thirteen boxes' => [
                self::with('elements', [['boxes' => array_fill(0, 13, ['name' => ''])] + self::organiser()]),
                '$.elements[0].boxes: must hold at most 12',
            ],
            'a key that is no model' => [self::with('key', ['model' => '{"m1":[1,2]}', 'counts' => []]), '$.key.model'],
            'a key for what cannot count' => [
                self::with('key', ['model' => '', 'counts' => ['beauty']]),
                '$.key.counts: must be among',
            ],
            'a tray in the middle' => [
                self::with('tray', ['side' => 'middle', 'depth' => 100, 'open' => true]),
                '$.tray.side',
            ],
            'a tray too narrow' => [
                self::with('tray', ['side' => 'left', 'depth' => 4, 'open' => true]),
                '$.tray.depth',
            ],
            'print askew' => [
                self::with('backdrop', ['source' => str_repeat('a1', 32), 'page' => 1, 'turn' => 45]),
                '$.backdrop.turn',
            ],
            'a backdrop that is no hash' => [
                self::with('backdrop', ['source' => '../../etc/passwd', 'page' => 1]),
                'SHA-256',
            ],
        ];
    }

    #[DataProvider('faults')]
    public function test_what_is_not_in_the_format_is_refused_with_its_path(string $json, string $said): void
    {
        $this->expectException(InvalidJson::class);
        $this->expectExceptionMessage($said);
        PageCodec::decode($json);
    }

    /** @return array<string, mixed> */
    private static function sample(): array
    {
        return [
            'version' => 1,
            'paper' => ['width' => 612, 'height' => 792, 'colour' => '#ffffff'],
            'backdrop' => null,
            'elements' => [self::box('b1')],
        ];
    }

    /** @return array<string, mixed> */
    private static function box(string $id): array
    {
        return [
            'id' => $id,
            'kind' => 'box',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'answer' => 'short',
            'prompt' => '',
            'size' => 12,
            'cover' => false,
            'outline' => true,
        ];
    }

    /** @return array<string, mixed> */
    private static function link(): array
    {
        return [
            'id' => 'g1',
            'kind' => 'link',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'text' => '',
            'target' => 'https://a.example',
            'size' => 12,
            'printed' => false,
            'outline' => false,
            'on' => true,
        ];
    }

    /** @return array<string, mixed> */
    private static function table(): array
    {
        return [
            'id' => 't1',
            'kind' => 'table',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'columns' => [1],
            'rows' => [1],
            'cells' => [['text' => '', 'fill' => true]],
            'prompt' => '',
            'size' => 12,
            'cover' => false,
            'outline' => true,
        ];
    }

    /** @return array<string, mixed> */
    private static function clip(): array
    {
        return [
            'id' => 'c1',
            'kind' => 'clip',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'source' => str_repeat('a1', 32),
            'page' => 1,
            'turn' => 0,
            'left' => 0,
            'top' => 0,
            'across' => 1,
            'down' => 1,
        ];
    }

    /** @return array<string, mixed> */
    private static function part(): array
    {
        return [
            'id' => 'm1',
            'kind' => 'part',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'form' => 'rectangle',
            'text' => '',
            'size' => 12,
            'bold' => false,
            'weight' => 1,
        ];
    }

    /** @return array<string, mixed> */
    private static function spot(): array
    {
        return [
            'id' => 'o1',
            'kind' => 'spot',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'form' => 'ring',
            'settle' => 'round',
            'outline' => true,
        ];
    }

    /** @return array<string, mixed> */
    private static function organiser(): array
    {
        return [
            'id' => 'r1',
            'kind' => 'organiser',
            'x' => 1,
            'y' => 2,
            'width' => 100,
            'height' => 20,
            'shape' => 'steps',
            'number' => 3,
            'boxes' => [],
            'prompt' => '',
            'size' => 12,
            'cover' => false,
            'outline' => true,
        ];
    }

    private static function with(string $name, mixed $value): string
    {
        return (string) json_encode([$name => $value] + self::sample());
    }

    private static function without(string $name): string
    {
        return (string) json_encode(array_diff_key(self::sample(), [$name => 1]));
    }

    /** @param  array<string, mixed>  $changes */
    private static function element(array $changes): string
    {
        return self::with('elements', [$changes + self::box('b1')]);
    }

    /** @param  list<string>  $ids */
    private static function elements(array $ids): string
    {
        return self::with('elements', array_map(self::box(...), $ids));
    }
}
