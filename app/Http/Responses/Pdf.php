<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\Support\Responsable;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\Response;

/** A view as a PDF: real text, its fonts embedded; nothing is fetched from anywhere but our own fonts. */
final readonly class Pdf implements Responsable
{
    /** Of a label, in points: 90 × 58 mm. */
    public const LABEL = [0.0, 0.0, 255.118, 164.409];

    /** Signs that the fonts do not have: a browser takes them from another font, a PDF would leave them out. */
    private const WRITTEN_OUT = [
        '⅓' => '1/3',
        '⅔' => '2/3',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
        '≥' => 'at least ',
        '☐' => '',
    ];

    public const A4 = 'a4';

    /** Of a kitchen printer, in points: 80 mm wide, cut every 297. */
    public const ROLL = [0.0, 0.0, 226.772, 841.89];

    /**
     * @param view-string $view
     * @param array<string, mixed> $data
     * @param string|array{float, float, float, float} $paper
     */
    public function __construct(private string $view, private array $data, private string|array $paper, private string $name) {}

    public function toResponse($request): Response
    {
        return new Response($this->bytes(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $this->name . '.pdf"',
            'Cache-Control' => 'no-store',
        ]);
    }

    public function bytes(): string
    {
        $cache = storage_path('framework/cache/fonts');
        File::ensureDirectoryExists($cache);
        $pdf = new Dompdf(new Options([
            'chroot' => [resource_path('fonts')],
            'fontDir' => $cache,
            'fontCache' => $cache,
            'tempDir' => $cache,
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'isFontSubsettingEnabled' => true,
            'defaultFont' => 'atkinson',
            'dpi' => 96,
        ]));
        $pdf->setPaper($this->paper);
        $pdf->loadHtml(self::writtenOut(view($this->view, $this->data)->render()), 'UTF-8');
        $pdf->render();

        return $pdf->output();
    }

    /** "7⅓ cups" is 7 1/3 cups, and never 71/3. */
    private static function writtenOut(string $html): string
    {
        return strtr((string) preg_replace('/(?<=\d)(?=[⅓⅔⅛⅜⅝⅞])/u', ' ', $html), self::WRITTEN_OUT);
    }
}
