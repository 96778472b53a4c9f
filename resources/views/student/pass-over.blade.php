<x-layout.door title="This pass is over">
    <h1>This pass is over</h1>
    <p>It has ended, or there is a newer one. Ask your teacher. Your work is kept.</p>
    <p><a class="btn btn-primary" href="{{ route('class.code') }}">Come in with a class code</a></p>
</x-layout.door>
