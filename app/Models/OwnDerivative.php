<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A derivative of this kitchen's own, as what it does otherwise than the one it began as.
 *
 * @property int $id
 * @property string $name
 * @property string $based_on
 * @property array{amounts?: string, more?: string, class?: string, story?: string, acts?: mixed} $changes
 */
final class OwnDerivative extends Model
{
    use Archivable;
    use Audited;
    use Binnable;
    use OfAKitchen;


    protected $fillable = ['name', 'based_on', 'changes'];

    /**
     * Within a model `changes` is what Eloquent has saved last, not this column.
     *
     * @return array{amounts?: string, more?: string, class?: string, story?: string, acts?: mixed}
     */
    public function changed(): array
    {
        /** @var array{amounts?: string, more?: string, class?: string, story?: string, acts?: mixed} */
        return $this->getAttribute('changes');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changes' => 'array'];
    }
}
