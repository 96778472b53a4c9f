<x-page.sheet :page="$shown->content" mode="copy" class="sheet--key" :texts="$shown->texts()" answers />
