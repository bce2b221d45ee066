@props(['sign'])
<svg class="icon sign" viewBox="0 0 20 20" width="20" height="20" aria-hidden="true">
    @switch($sign)
        @case('late')<path d="M10 2l9 16H1z" class="f-madder"/>@break
        @case('look')<circle cx="10" cy="10" r="8" fill="none" class="s-amber" stroke-width="2.5"/><path d="M10 5v6l3 2" fill="none"
            class="s-amber" stroke-width="2.5"/>@break
        @case('star')<rect x="1" y="1" width="18" height="18" class="f-cold"/><path d="M10 4v12M4.8 7l10.4 6M4.8 13L15.2 7"
            class="s-sheet" stroke-width="2"/>@break
        @case('frozen')<path d="M10 1v18M2.2 5.5l15.6 9M2.2 14.5l15.6-9M7 3l3 3 3-3M7 17l3-3 3 3" fill="none" class="s-cold"
            stroke-width="2"/>@break
        @default<path d="M2 11l5 5L18 4" fill="none" class="s-herb" stroke-width="4"/>
    @endswitch
</svg>
