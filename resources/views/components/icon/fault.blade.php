@props(['fault'])
{{-- A spoon or a pot in trouble, by outline alone. --}}
<svg class="fault" viewBox="0 0 64 44" width="64" height="44" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.2"
    stroke-linecap="round" stroke-linejoin="round">
    @switch($fault)
        @case('too-thick')<path d="M4 14h20M24 14c2-8 26-8 28 0c0 8-6 11-14 11s-14-3-14-11Z"/>
            <path d="M26 16c3 16 21 16 24 0" fill="currentColor"/>@break
        @case('too-thin')<path d="M4 14h20M24 14c2-8 26-8 28 0c0 8-6 11-14 11s-14-3-14-11Z"/><path d="M30 30v6M38 31v9M46 30v6"/>@break
        @case('lumps')<path d="M4 14h20M24 14c2-8 26-8 28 0c0 8-6 11-14 11s-14-3-14-11Z"/><g fill="currentColor">
            <circle cx="32" cy="31" r="3.5"/><circle cx="42" cy="33" r="4"/><circle cx="37" cy="39" r="3"/></g>@break
        @case('too-salty')<path d="M24 6h16l4 30H20Z"/><path d="M24 6c2-5 14-5 16 0"/><g fill="currentColor" stroke="none">
            <circle cx="29" cy="4.500" r="1.600"/><circle cx="35" cy="4.500" r="1.600"/></g><path d="M25 42h2M31 42h2M37 42h2"/>@break
        @case('fat-film')<path d="M14 10v26h36V10M10 10h4M50 10h4"/><path d="M15 20h34"/><circle cx="24" cy="20" r="4"/>
            <circle cx="36" cy="20" r="3"/><circle cx="44" cy="20" r="2.500"/>@break
        @case('scorched')<path d="M14 8v24h36V8M10 8h4M50 8h4"/><path d="M17 31l3-8 4 8 4-10 4 10 4-8 4 8 4-9 3 9" fill="currentColor"/>
            <path d="M20 40h24"/>@break
        @case('split')<path d="M14 10v26h36V10M10 10h4M50 10h4"/><path d="M15 20c4-4 8 4 12 0M30 20c3-4 6 4 9 0M42 20c2-3 5 3 7 0"/>
            <g fill="currentColor" stroke="none"><circle cx="22" cy="28" r="2"/><circle cx="30" cy="30" r="2"/>
            <circle cx="38" cy="27" r="2"/><circle cx="44" cy="31" r="2"/></g>@break
    @endswitch
</svg>
