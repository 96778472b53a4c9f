{{--
    Under a page that came back on paper: what was typed on it besides, or, where it is still typed on, the paper. $page,
    $number, $of, $texts, $fills, $pictures, $closed: as for a sheet
--}}
@use('App\View\KeptPictures')
@use('OpenSlate\Copies\OnPaper')
@props(['page', 'number', 'of', 'texts', 'fills' => [], 'pictures' => new KeptPictures(), 'closed' => true, 'answers' => false])
@if (!$closed && OnPaper::picture($texts, $number) !== '')
    <details class="in-words">
        <summary>Page {{ $number }} as it came on paper</summary>
        <x-page.sheet :$page :$number :$of :$texts :$fills :$pictures sizes="(min-width: 900px) 540px, 100vw" />
    </details>
@elseif (OnPaper::isWrittenToo($texts, $number))
    <details class="in-words">
        <summary>What was typed on page {{ $number }} besides</summary>
        <x-page.sheet :$page :$number :$of :texts="OnPaper::without($texts, $number)" :$fills :$pictures :$answers
            sizes="(min-width: 900px) 540px, 100vw" />
    </details>
@endif
