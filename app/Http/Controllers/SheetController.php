<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\Pdf;
use App\Http\Responses\RecipeFile;
use App\Kitchen\Kitchen;
use App\Pages\Compose\Scaled;
use App\Pages\Compose\SheetPage;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The sheet of a question on paper: a page of A4, or the narrow roll of a kitchen printer. */
final readonly class SheetController
{
    public function __invoke(Request $request, Kitchen $kitchen, string $format = ''): View|RedirectResponse|RecipeFile
    {
        $fields = ComposeFields::from($request->query->all());
        $sheet = Answer::to($fields, $kitchen)->sheet;
        if ($sheet === null) {
            return redirect()->route('compose', $fields->toAddress());
        }

        $page = new SheetPage($sheet, $kitchen);
        if ($format !== '') {
            return new RecipeFile($page->recipe(), $page->heading(), $format);
        }

        return view('pages.sheet', [
            'page' => $page,
            'paper' => self::paper($request),
            'question' => $fields->toAddress(),
            'kitchen' => $kitchen->name(),
            'covers' => Scaled::forCovers($fields, $kitchen),
            'scaled' => Scaled::of($fields, $sheet->question->yield),
        ]);
    }

    /** A page of A4, or the length of roll that it takes. */
    public function pdf(Request $request, Kitchen $kitchen): Pdf|RedirectResponse
    {
        $fields = ComposeFields::from($request->query->all());
        $sheet = Answer::to($fields, $kitchen)->sheet;
        $paper = self::paper($request);

        return $sheet === null ? redirect()->route('compose', $fields->toAddress()) : new Pdf(
            'pdf.sheet',
            ['page' => new SheetPage($sheet, $kitchen), 'paper' => $paper, 'kitchen' => $kitchen->name()],
            $paper === 'slip' ? Pdf::ROLL : Pdf::A4,
            'sheet',
        );
    }

    private static function paper(Request $request): string
    {
        return $request->query('paper') === 'slip' ? 'slip' : 'a4';
    }
}
