<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A page of this kitchen by a short code, for another tablet.
 *
 * @property int $id
 * @property string $code
 * @property string $path with its question, from the first slash on
 * @property string $path_hash
 */
final class Link extends Model
{
    use OfAKitchen;

    /** No sign that is taken for another: as a pairing code has them. Six are a thousand million. */
    private const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LONG = 6;

    protected $fillable = ['code', 'path', 'path_hash'];

    /** The one link of a page: asked for twice, it is the same. */
    public static function to(string $path): self
    {
        return self::query()->firstOrCreate(['path_hash' => hash('sha256', $path)], ['path' => $path, 'code' => self::freshCode()]);
    }

    private static function freshCode(): string
    {
        $code = '';
        for ($i = 0; $i < self::LONG; $i++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }
}
