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
        return new OwnSauce($this->id, $this->name, $this->based_on, $this->changes['amounts'] ?? '', $this->changes['more'] ?? '', $this->changes['class'] ?? '', $this->changes['story'] ?? '');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changes' => 'array'];
    }
}
