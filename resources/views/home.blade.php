<x-layout.door title="Welcome">
    <h1>Who is there?</h1>
    <div class="door__ways">
        <a class="door__way door__way--student" href="{{ route('class.code') }}"><b>I am a student</b><span>Have your
                class code and PIN ready.</span></a>
        <a class="door__way" href="{{ route('sign-in') }}"><b>I am a teacher</b><span>Make, hand out and watch
                worksheets.</span></a>
    </div>
</x-layout.door>
