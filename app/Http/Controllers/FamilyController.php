<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Family\KitchenWorkplace;
use App\Family\Liquids;
use App\Family\ServiceFields;
use App\Family\ServiceReader;
use App\Format\RefusalWords;
use App\Format\SauceNames;
use App\Http\Requests\OwnSauceRequest;
use App\Http\Responses\PageOrFragment;
use App\Http\Responses\RecipeFile;
use App\Http\TooMany;
use App\Kitchen\Kitchen;
use App\Models\OwnDerivative;
use App\Models\Service as StoredService;
use App\Pages\Family\FamilyTreePage;
use App\Pages\Family\SauceAsked;
use App\Pages\Family\SaucePage;
use App\PutAway\PointingAt;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Lento\Exception\LentoException;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Quantity\Volume;

/** The catalogue: a tree to walk, and a sheet for every sauce in it, the kitchen's own among them. */
final readonly class FamilyController
{
    private const USUAL_LITRES = 2.0;

    public function tree(Kitchen $kitchen): View
    {
        $putAway = OwnDerivative::query()->whereNotNull('archived_at')->get();
        $hidden = array_values($putAway->map(static fn(OwnDerivative $own): string => 'own-sauce-' . $own->id)->all());

        return view('pages.family-tree', ['page' => new FamilyTreePage($kitchen->catalogue(), new SauceNames($kitchen), $hidden)]);
    }

    public function show(string $sauce, Request $request, Kitchen $kitchen): PageOrFragment
    {
        $page = $this->page($sauce, $request, $kitchen);

        return new PageOrFragment('pages.family-sauce', ['page' => $page], status: $page->fault === null ? 200 : 422);
    }

    /** To take away. */
    public function file(string $sauce, string $format, Request $request, Kitchen $kitchen): RecipeFile|RedirectResponse
    {
        $page = $this->page($sauce, $request, $kitchen);
        $recipe = $page->fault === null ? $page->recipe() : null;

        return $recipe === null ? redirect()->route('family.show', $page->asked()) : new RecipeFile($recipe, $page->name(), $format);
    }

    /** As typed; or so many covers of the kitchen's portion. What is no number is told as such, at the litres. */
    private function typedLitres(Request $request, Kitchen $kitchen): string
    {
        $text = static fn(string $field, string $usual): string => $request->string($field, $usual)->trim()->substr(0, 20)->toString();
        $covers = $text('covers', '');
        $number = TypedNumber::number($covers);

        return match (true) {
            $covers === '' => $text('litres', TypedNumber::plain(self::USUAL_LITRES)),
            $number === null => $covers,
            default => TypedNumber::plain($number * $kitchen->portion()->inLitres()),
        };
    }

    private function page(string $sauce, Request $request, Kitchen $kitchen): SaucePage
    {
        $catalogue = $kitchen->catalogue();
        abort_unless($catalogue->has($sauce), 404);
        $typed = $this->typedLitres($request, $kitchen);
        $liquids = Liquids::of($sauce, $catalogue, $kitchen);
        $liquid = in_array($request->query('liquid'), $liquids, true) ? $request->string('liquid')->toString() : $liquids[0];
        $litres = TypedNumber::number($typed);
        $fault = $litres === null || $litres < ServiceReader::LEAST_LITRES || $litres > ServiceReader::MOST_LITRES
            ? FieldFault::of('litres', 'number', [
                'least' => TypedNumber::plain(ServiceReader::LEAST_LITRES),
                'most' => TypedNumber::plain(ServiceReader::MOST_LITRES),
                'unit' => ' l',
            ])
            : null;
        [$flow, $refusal] = [null, ''];
        try {
            $flow = ServiceFlow::of(
                Service::of([new Wish($sauce, $liquid, Volume::ofLitres($fault === null ? $litres : self::USUAL_LITRES))]),
                $catalogue,
                (new KitchenWorkplace($kitchen))->workplace(),
            );
        } catch (LentoException $refused) {
            $refusal = RefusalWords::of($refused);
        }

        return new SaucePage(new SauceAsked($sauce, $liquid, $typed, $fault), $flow, $refusal, $kitchen, $catalogue);
    }

    /** Kept as the kitchen's own: a new one based on any, or an own one changed. */
    public function own(string $sauce, OwnSauceRequest $request): RedirectResponse
    {
        abort_unless(app(Kitchen::class)->catalogue()->has($sauce), 404);
        $own = str_starts_with($sauce, 'own-sauce-') ? OwnDerivative::query()->find((int) substr($sauce, 10)) : null;
        if ($own === null) {
            TooMany::refuse('own');
            $own = OwnDerivative::query()->create(['name' => $request->name(), 'based_on' => $sauce, 'changes' => $request->changes()]);
        } else {
            $own->update(
                ['name' => $request->name(), 'changes' => [...$request->changes(), ...array_intersect_key($own->changed(), ['acts' => 0])]],
            );
        }

        return redirect()->route('family.show', 'own-sauce-' . $own->id);
    }

    public function remove(string $sauce, Kitchen $kitchen): RedirectResponse
    {
        $own = str_starts_with($sauce, 'own-sauce-') ? OwnDerivative::query()->find((int) substr($sauce, 10)) : null;
        $own?->bin();
        $answer = redirect()->route('family.tree');

        return $own === null
            ? $answer
            : $answer->with('binned', ['own_derivatives', $own->id, $own->name, PointingAt::it('own', $own->id)]);
    }

    /** A service of just this sauce, for whatever is cooked has a base to come from. */
    public function cook(string $sauce, Request $request, Kitchen $kitchen): RedirectResponse
    {
        $names = new SauceNames($kitchen);
        abort_unless($kitchen->catalogue()->has($sauce), 404);
        $fields = ServiceFields::from([
            'name' => $names->name($sauce),
            'wishes' => [
                ['sauce' => $sauce, 'liquid' => $request->string('liquid')->toString(), 'litres' => $request->string('litres')->toString()],
            ],
        ]);

        return redirect()->route('services.show', StoredService::query()->create(['fields' => $fields->toRow()]));
    }
}
