<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Format\RefusalWords;
use App\Format\Words;
use App\Http\Requests\AssayRequest;
use App\Http\Responses\PageOrFragment;
use App\Http\Responses\TypedAddress;
use App\Kitchen\Kitchen;
use App\Pages\Assay\AssayPage;
use App\Pages\Assay\ReadRecipe;
use Illuminate\Http\Request;
use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;

/** Somebody else's recipe: will this be thick enough? */
final readonly class AssayController
{
    /** Bytes of an address that every browser and server takes. */
    private const LONGEST_ADDRESS = 6000;

    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment
    {
        $read = AssayRequest::of($request);
        $page = new AssayPage($read->asked, $read->fault === null ? $this->read($read, $kitchen) : ReadRecipe::not($read->fault), $kitchen);
        $address = route('assay', $read->asked->toAddress(), absolute: false);
        $typed = strlen($address) <= self::LONGEST_ADDRESS ? TypedAddress::of($request, $address) : [];

        return new PageOrFragment('pages.assay', ['page' => $page], headers: $typed);
    }

    private function read(AssayRequest $read, Kitchen $kitchen): ReadRecipe
    {
        $larder = $kitchen->larder();
        $recipe = (new Reader($larder))->read($read->asked->lines(), $read->asked->as);
        try {
            return new ReadRecipe($recipe, $recipe->lines === [] && $recipe->unread === [] ? null : Assay::of($recipe, $larder), null);
        } catch (Missing $missing) {
            return new ReadRecipe(
                $recipe,
                null,
                Words::text($missing->what === 'liquid' ? 'faults.no_liquid' : 'faults.no_thickener'),
            );
        } catch (OutOfRange $refused) {
            return new ReadRecipe($recipe, null, Words::text('assay.refused', reason: RefusalWords::of($refused)));
        }
    }
}
