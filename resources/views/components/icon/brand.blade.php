<svg class="wordmark" viewBox="0 0 112 44" width="112" height="44" role="img" aria-label="Lento"><text x="0" y="37" font-size="34"
    class="h">Lento</text><path d="M71.5 13.5c1-9 7-12.5 13.5-12.5s12.5 3.5 13.5 12.5c-2.5-6-7.5-9-13.5-9s-11 3-13.5 9z" class="f-ink"/>
    <circle cx="85" cy="11.5" r="2.3" class="f-copper"/></svg>
