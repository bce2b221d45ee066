<svg class="icon" viewBox="0 0 44 44" width="40" height="40" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.400"
    stroke-linecap="round"><path d="M11 18c0-19 25-18 23 0c-1 9-8 8-9 15c-1 8-11 8-12 1"/>
    <path d="M17 19c0-10 11-10 11 0c-1 5-6 4-6 9"/></svg>
