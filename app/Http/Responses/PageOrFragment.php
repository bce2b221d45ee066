<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Contracts\View\Factory;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** A whole page for the browser, or only its answer for htmx; one view serves both. */
final readonly class PageOrFragment implements Responsable
{
    /**
     * @param view-string $view
     * @param array<string, mixed> $data
     * @param array<string, string> $headers
     */
    public function __construct(
        private string $view,
        private array $data,
        private int $status = 200,
        private array $headers = [],
        private string $fragment = 'answer',
    ) {}

    public function toResponse($request): Response
    {
        $view = app(Factory::class)->make($this->view, $this->data);
        // On Back htmx asks for the whole page without saying HX-Request, so only this header tells.
        $html
            = $request->header('HX-Request-Type') === 'partial' && $this->fragment !== '' && $view instanceof View
                ? $view->fragment($this->fragment)
                : $view->render();

        return new Response($html, $this->status, ['Vary' => 'HX-Request-Type', 'Cache-Control' => 'no-store', ...$this->headers]);
    }
}
