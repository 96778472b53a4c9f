@props(['element', 'mode', 'tag', 'z'])
<x-page.frame :$element :$mode :$tag :$z name="patch" />
