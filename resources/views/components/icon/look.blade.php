<svg class="icon" viewBox="0 0 44 44" width="40" height="40" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.400"
    stroke-linecap="round"><path d="M3 22c9-14 29-14 38 0c-9 14-29 14-38 0Z" stroke-linejoin="round"/><circle cx="22" cy="22" r="6.500"/>
    <circle cx="22" cy="22" r="2.500" fill="currentColor" stroke="none"/></svg>
