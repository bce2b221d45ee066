<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\PageOrFragment;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A short guide: one page a place, opened by ? over the page one is at, and the words of the trade. */
final readonly class GuideController
{
    public function show(string $place): PageOrFragment
    {
        $told = __('guide.places.' . $place);
        if (!is_array($told)) {
            throw new NotFoundHttpException();
        }

        return new PageOrFragment('pages.guide', ['place' => $place, 'told' => $told], fragment: 'guide');
    }

    public function words(): PageOrFragment
    {
        return new PageOrFragment('pages.guide-words', [], fragment: 'guide');
    }
}
