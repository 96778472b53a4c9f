{{--
    Pages that leave as PDF, one to each sheet of paper; drawn by a browser that has no network and runs no scripts.
    $title; $leaves: list of App\Exports\Leaf, Notes and CutOuts; $sizes: width and height in pixels by name; $under: by number, what has its
    print laid beneath; $pictures
--}}
@use('App\Exports\CutOuts')
@use('App\Exports\Notes')
@use('App\Exports\Paper')
<!doctype html>
<html lang="en">

<head>
    <meta charset="utf-8">
    <meta http-equiv="Content-Security-Policy"
        content="default-src 'none'; img-src file: data:; font-src file:; style-src file: 'unsafe-inline'">
    <title>{{ $title }}</title>
    <link rel="stylesheet" href="app.css">
    <style>
        @page {
            margin: 0;
        }

        @foreach ($sizes as $name => [$width, $height])
            @page {{ $name }} {
                size: {{ $width }}px {{ $height }}px;
            }

            .{{ $name }} {
                page: {{ $name }};
            }
        @endforeach
    </style>
</head>

<body class="leaves">
    @foreach ($leaves as $sheet => $leaf)
        @if ($leaf instanceof CutOuts)
            <section @class(['leaf', Paper::name($leaf->size)])
                style="width:{{ $leaf->size->width }}pt;height:{{ $leaf->size->height }}pt">
                @include('leaving.cut-outs')
            </section>
            @continue
        @endif
        @if ($leaf instanceof Notes)
            <section @class(['leaf leaf--notes', Paper::name($leaf->size)])
                style="width:{{ $leaf->size->width }}pt;height:{{ $leaf->size->height }}pt;padding:{{ Notes::MARGIN }}pt;font-size:{{ Notes::SIZE_OF_TYPE }}pt;line-height:{{ Notes::PITCH }}pt">
                <h1>{{ $leaf->title }}</h1>
                @foreach ($leaf->entries as [$asked, $lines])
                    <h2 dir="auto">{{ $asked }}</h2>
                    <p dir="auto">{{ implode("\n", $lines) }}</p>
                @endforeach
            </section>
            @continue
        @endif
        <section @class(['leaf', Paper::name($leaf->page->size), 'leaf--over' => isset($under[$leaf->number]) && ! $leaf->isOnPaper()])
            id="{{ $leaf->at }}{{ $leaf->number }}"
            style="width:{{ $leaf->page->size->width }}pt;height:{{ $leaf->page->size->height }}pt"><x-page.sheet
                :page="$leaf->page" :mode="$leaf->mode" :number="$leaf->number" :of="$leaf->of" :texts="$leaf->texts" closed
                live :leads="$leaf->leads" :at="$leaf->at" :fills="$leaf->fills" :answers="$leaf->answers" :$pictures
                :asked="$leaf->asked" :words="$leaf->words" :marks="$leaf->marks" :written="$leaf->written" />
            @if ($leaf->heading !== '')
                <p class="leaf__heading">{{ $leaf->heading }}</p>
            @endif
            @if ($leaf->foot !== '')
                <p class="leaf__foot" dir="auto">{{ $leaf->foot }}</p>
            @endif
        </section>
    @endforeach
</body>

</html>
