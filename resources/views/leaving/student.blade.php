{{-- All that a student has done. $class, $student, $copies, $made: list of App\View\ExportRow, $canPrint --}}
@use('App\View\Count')
@use('App\View\LeavingForm')
<x-layout.teacher :title="'All work of ' . $student->name" at="classes" :scripts="['resources/js/leaving.js']">
    <main id="main" class="room leaving">
        <div class="room__head">
            <p><a href="{{ route('classes.show', $class) }}">Back to the class</a></p>
            <h1>All work of {{ $student->name }}</h1>
            <p>{{ Count::of($copies->count(), 'copy', 'copies') }} of what you watch. A ZIP has each as a PDF with marks and
                comments, as JSON for other programs, and the pictures and recordings on it.</p>
        </div>
        <x-said />
        @unless ($canPrint)
            <p class="notice notice--bad">{{ LeavingForm::NO_BROWSER }}</p>
        @elseif ($copies->isNotEmpty())
            <form method="post" action="{{ route('students.work.make', [$class, $student]) }}">@csrf <x-once /><button
                    class="btn btn-primary">Make it</button></form>
        @endunless
        @include('leaving.made')
    </main>
</x-layout.teacher>
