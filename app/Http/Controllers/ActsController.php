<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\KitchenWorkplace;
use App\Family\Liquids;
use App\Format\RefusalWords;
use App\Http\Requests\ActRequest;
use App\Kitchen\Kitchen;
use App\Models\OwnDerivative;
use App\Pages\Family\ActsPage;
use App\Records\ActCodec;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Lento\Exception\LentoException;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Procedure\Procedure;
use Lento\Quantity\Volume;

/** The acts of a kitchen's own sauce, in its own order: added, moved, changed, left out, the house's as the start. */
final readonly class ActsController
{
    /** l that a changed procedure is tried with before it is kept. */
    private const TRIED_WITH = 2.0;

    public function show(string $sauce, Kitchen $kitchen): View
    {
        self::own($sauce);

        return view('pages.acts', ['page' => new ActsPage($sauce, $kitchen)]);
    }

    public function store(string $sauce, ActRequest $request, Kitchen $kitchen): RedirectResponse
    {
        $own = self::own($sauce);
        $answer = redirect()->route('family.acts', $sauce);
        try {
            $procedure = self::changed($kitchen->catalogue()->derivative($sauce)->procedure, $request, $kitchen)->keepingItsLimits();
            self::tried($sauce, $procedure, $kitchen);
        } catch (LentoException $refusal) {
            return $answer->withInput()->withErrors(['act' => RefusalWords::of($refusal)]);
        }
        // Amounts that were changed before are in the acts now.
        $own->update(['changes' => [...$own->changed(), 'amounts' => '', 'more' => '', 'acts' => ActCodec::encode($procedure)]]);

        return $answer;
    }

    /** Back to the acts of the sauce it began as, and to its amounts: those of its own acts would name what is not in them. */
    public function reset(string $sauce): RedirectResponse
    {
        $own = self::own($sauce);
        $own->update(['changes' => [...array_diff_key($own->changed(), ['acts' => 0]), 'amounts' => '']]);

        return redirect()->route('family.acts', $sauce);
    }

    /** @throws LentoException */
    private static function changed(Procedure $was, ActRequest $request, Kitchen $kitchen): Procedure
    {
        $at = $request->at();
        $last = count($was->acts) - 1;

        return match ($request->op()) {
            'up' => $was->moving($at, max(0, $at - 1)),
            'down' => $was->moving($at, min(max(0, $last), $at + 1)),
            'remove' => $was->without($at),
            'change' => isset($was->acts[$at]) ? $was->replacing(
                $at,
                $request->act($was->acts[$at], $kitchen->larder()),
            ) : $was->without($at),
            default => $was->adding($request->act(null, $kitchen->larder()), min($at, $last + 1)),
        };
    }

    /** @throws LentoException if nothing can be made of it */
    private static function tried(string $sauce, Procedure $procedure, Kitchen $kitchen): void
    {
        $catalogue = $kitchen->catalogue();
        $derivative = $catalogue->derivative($sauce);
        $liquid = Liquids::of($sauce, $catalogue, $kitchen)[0];
        ServiceFlow::of(
            Service::of([new Wish($sauce, $liquid, Volume::ofLitres(self::TRIED_WITH))]),
            $catalogue->with($derivative->workedAs($derivative->id, $procedure)),
            (new KitchenWorkplace($kitchen))->workplace(),
        );
    }

    private static function own(string $sauce): OwnDerivative
    {
        abort_unless(str_starts_with($sauce, 'own-sauce-') && app(Kitchen::class)->catalogue()->has($sauce), 404);

        return OwnDerivative::query()->findOrFail((int) substr($sauce, 10));
    }
}
