{{--
    Pages that leave as PDF, one to each sheet of paper; drawn by a browser that has no network and runs no scripts.
    $title; $leaves: list of App\Exports\Leaf; $sizes: width and height in pixels by name; $under: by number, what has its
    print laid beneath; $pictures
--}}
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
    @foreach ($leaves as $leaf)
        <section @class(['leaf', Paper::name($leaf->page->size), 'leaf--over' => isset($under[$leaf->number])])
            id="{{ $leaf->at }}{{ $leaf->number }}"
            style="width:{{ $leaf->page->size->width }}pt;height:{{ $leaf->page->size->height }}pt"><x-page.sheet
                :page="$leaf->page" :mode="$leaf->mode" :number="$leaf->number" :of="$leaf->of" :texts="$leaf->texts" closed
                live :leads="$leaf->leads" :at="$leaf->at" :fills="$leaf->fills" :answers="$leaf->answers" :$pictures
                :asked="$leaf->asked" :marks="$leaf->marks" :written="$leaf->written" /></section>
    @endforeach
</body>

</html>
