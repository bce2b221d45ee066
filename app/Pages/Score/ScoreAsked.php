<?php

declare(strict_types=1);

namespace App\Pages\Score;

use Illuminate\Http\Request;

/** What of a score is looked at: how wide, which note is in hand, whether evenings are played, what was wrong with what was typed. */
final readonly class ScoreAsked
{
    private function __construct(
        public int $zoom,
        public bool $evenings,
        public bool $offers,
        public string $note,
        public string $typed,
        public string $fault,
    ) {}

    /** Whether something stands on the page that is being read or mended. */
    public function isBusy(): bool
    {
        return $this->evenings || $this->offers || $this->fault !== '';
    }

    public static function read(Request $request, string $fault = ''): self
    {
        $zoom = $request->integer('zoom', 1);

        return new self(
            in_array($zoom, ScorePage::ZOOMS, true) ? $zoom : 1,
            $request->boolean('evenings'),
            $request->boolean('offers'),
            // What was changed is looked at no longer, unless it could not be.
            $request->isMethod('get') || $fault !== '' ? $request->string('note')->toString() : '',
            $fault === '' ? '' : $request->string('at')->toString(),
            $fault,
        );
    }
}
