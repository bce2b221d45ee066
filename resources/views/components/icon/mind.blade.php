<svg {{ $attributes->merge(['class' => 'icon']) }} viewBox="0 0 24 24" width="24" height="24" aria-hidden="true">
    <path d="M12 2.500 22.500 21.500H1.500Z" fill="none" stroke="currentColor" stroke-width="2" stroke-linejoin="round"/>
    <path d="M12 9v6.500M12 17.600v1.600" stroke="currentColor" stroke-width="2.200" stroke-linecap="round"/></svg>
