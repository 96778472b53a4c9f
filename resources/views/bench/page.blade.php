<x-page.sheet :$page mode="bench" />
