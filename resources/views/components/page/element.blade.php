{{-- One element, drawn by the view of its kind: included, since a component made for hundreds of them would be slow. --}}
@include('components.page.'.$element->kind()->value, ['texts' => $texts ?? [], 'number' => $number ?? 1, 'closed' => $closed ?? false, 'live' => $live ?? false, 'leads' => $leads ?? [], 'fills' => $fills ?? [], 'attributes' => null])
