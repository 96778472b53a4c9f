<x-page.sheet :$page mode="bench" :proposals="$proposals ?? []" />
