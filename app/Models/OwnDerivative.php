<?php

declare(strict_types=1);

namespace App\Models;

use App\Kitchen\OwnSauce;
use Illuminate\Database\Eloquent\Model;

/**
 * A derivative of this kitchen's own, as what it does otherwise than the one it began as.
 *
 * @property int $id
 * @property string $name
 * @property string $based_on
 * @property array{amounts?: string, more?: string, class?: string, story?: string} $changes
 */
final class OwnDerivative extends Model
{
    protected $fillable = ['name', 'based_on', 'changes'];

    public function toOwnSauce(): OwnSauce
    {
        // Within a model `changes` is what Eloquent has saved last, not this column.
        /** @var array{amounts?: string, more?: string, class?: string, story?: string} $changes */
        $changes = $this->getAttribute('changes');

        return new OwnSauce($this->id, $this->name, $this->based_on, $changes['amounts'] ?? '', $changes['more'] ?? '', $changes['class'] ?? '', $changes['story'] ?? '');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changes' => 'array'];
    }
}
