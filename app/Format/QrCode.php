<?php

declare(strict_types=1);

namespace App\Format;

use TCPDF2DBarcode;

/** An address as a QR code: its dark squares as one path, on a grid of so many. */
final readonly class QrCode
{
    /** Light squares that a reader needs around it. */
    private const QUIET = 2;

    private function __construct(public int $size, public string $path) {}

    public static function of(string $address): self
    {
        $grid = (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeArray();
        $rows = is_array($grid['bcode'] ?? null) ? $grid['bcode'] : [];
        $path = '';
        foreach (array_values($rows) as $y => $row) {
            foreach (is_array($row) ? array_values($row) : [] as $x => $dark) {
                $path .= (int) (is_numeric($dark) ? $dark : 0) === 1 ? sprintf('M%d %dh1v1h-1z', $x + self::QUIET, $y + self::QUIET) : '';
            }
        }

        return new self(count($rows) + 2 * self::QUIET, $path);
    }

    /** As an image that stands in a document. */
    public function dataUri(): string
    {
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$d %1$d" width="%1$d" height="%1$d"><path d="%2$s" fill="#000"/></svg>',
            $this->size,
            $this->path,
        );

        return 'data:image/svg+xml;base64,' . base64_encode($svg);
    }
}
