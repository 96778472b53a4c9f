@props(['element', 'mode', 'tag', 'z', 'place', 'text', 'closed'])
<x-page.frame :$element :$mode :$tag :$z name="patch" />
