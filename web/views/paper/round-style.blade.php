{{-- What the lists of a round have in common: black on white, a page for each. --}}
@page { margin: 1.3cm; }
body { font: 11pt/1.3 'DejaVu Sans', sans-serif; color: #000; }
h1 { font-size: 17pt; margin: 0; }
.page { page-break-after: always; }
.last { page-break-after: auto; }
tr { page-break-inside: avoid; }
