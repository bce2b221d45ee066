<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Illuminate\Database\Eloquent\Model;

/**
 * A row that belongs to one kitchen: made in the kitchen that the request is in, and never seen from another.
 *
 * @property int $galley_id
 */
trait OfAKitchen
{
    public static function bootOfAKitchen(): void
    {
        static::addGlobalScope(new InThisKitchen());
        static::creating(static function (Model $row): void {
            $here = app(Here::class);
            if (!array_key_exists('galley_id', $row->getAttributes()) && !$here->isEverywhere()) {
                $row->setAttribute('galley_id', $here->galleyId());
            }
        });
    }
}
