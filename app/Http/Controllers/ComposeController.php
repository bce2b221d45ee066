<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use App\Http\Responses\TypedAddress;
use App\Kitchen\Kitchen;
use App\Models\SauceVersion;
use App\Pages\Compose\ComposePage;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class ComposeController
{
    private const LAST_GOOD = 'compose.good';

    public function __invoke(Request $request, Kitchen $kitchen): PageOrFragment|RedirectResponse
    {
        $session = $request->session();
        $last = $session->get(self::LAST_GOOD);
        $good = is_array($last) ? ComposeFields::from($last) : ComposeFields::first($kitchen);
        if (!$request->query->has('sauce')) {
            return redirect()->route('compose', $good->toAddress());
        }
        $fields = ComposeFields::from($request->query->all());
        $answer = Answer::to($fields, $kitchen);
        if ($answer->sheet !== null) {
            $session->put(self::LAST_GOOD, $fields->toAddress());

            return new PageOrFragment(
                'pages.compose',
                ['page' => ComposePage::of($fields, $fields, $answer->sheet, [], $kitchen, $this->version($request))],
                headers: $this->address($request, $fields),
            );
        }
        $shown = Answer::to($good, $kitchen)->sheet;

        return new PageOrFragment(
            'pages.compose',
            ['page' => ComposePage::of($fields, $good, $shown, $answer->faults, $kitchen)],
            status: 422,
        );
    }

    /** The whole sheet alone, for the answer that stands above it; nothing where there is none. */
    public function whole(Request $request, Kitchen $kitchen): PageOrFragment|Response
    {
        $fields = ComposeFields::from($request->query->all());
        $answer = Answer::to($fields, $kitchen);

        return $answer->sheet === null
            ? new Response('', 204)
            : new PageOrFragment(
                'pages.compose',
                ['page' => ComposePage::of($fields, $fields, $answer->sheet, [], $kitchen)],
                fragment: 'whole',
            );
    }

    /** @return array<string, string> */
    private function address(Request $request, ComposeFields $fields): array
    {
        $version = $this->version($request);
        $query = [...$fields->toAddress(), ...($version === null ? [] : ['version' => $version])];

        $typed = TypedAddress::of($request, route('compose', $query, absolute: false));

        return $typed === [] ? [] : [...$typed, 'HX-Trigger' => 'sheet'];
    }

    /** The kept sauce it was opened from, for as long as it is there. */
    private function version(Request $request): ?int
    {
        $id = $request->integer('version');

        return $id > 0 && SauceVersion::query()->whereKey($id)->exists() ? $id : null;
    }
}
