<x-page.sheet answers :$page sizes="120px" />
