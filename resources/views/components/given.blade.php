{{-- The number the cook gave; all the rest is worked out. --}}
<span class="given"><svg viewBox="0 0 12 12" width="12" height="12" aria-hidden="true">
    <path d="M6 0l6 6-6 6-6-6Z" fill="currentColor"/></svg> {{ __('compose.given') }}</span>
