<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PotEventRequest;
use App\Models\Pot;
use App\Stove\RecordEvent;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Lento\Course\EventKind;

final readonly class PotEventController
{
    public function __invoke(Pot $pot, PotEventRequest $request, RecordEvent $record): RedirectResponse
    {
        $kind = $request->kind() ?? EventKind::Note;
        $record($pot, $kind, $request->text('token'), [
            'step' => $request->integer('step'),
            'pour' => $request->integer('pour'),
            'seconds' => $request->integer('seconds'),
            'text' => $request->text('text') === '' ? null : $request->text('text'),
        ], CarbonImmutable::now(), $kind === EventKind::Finished ? $request->outcome() : null);

        return redirect()->route($pot->finished_at === null ? 'pots.show' : 'log.show', $pot);
    }
}
