<svg class="swell" viewBox="0 0 140 16" preserveAspectRatio="none" aria-hidden="true">
    <path d="M0 0C14 0 14 9 26 9H114C126 9 126 0 140 0Z"/><path d="M0 0C14 0 14 9 26 9H114C126 9 126 0 140 0" class="edge"/></svg>
