<svg class="icon" viewBox="0 0 44 44" width="40" height="40" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.400"
    stroke-linecap="round"><path d="M29 5c0 12 3 17 8 23c2 4-2 8-7 6c-3 4-9 2-9-2"/>
    <path d="M12 40c-5-6 4-9 0-15s3-8 0-12M5 38c-3-4 3-6 0-10"/></svg>
