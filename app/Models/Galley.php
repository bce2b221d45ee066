<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One kitchen of this installation, with what it has set: name, units, height, food-safety preset, usual schools.
 *
 * @property int $id
 * @property array<string, string> $settings
 * @property string|null $house kitchens of one house share the formulas that are marked so
 * @property-read Collection<int, Member> $members
 */
final class Galley extends Model
{
    use Audited;

    protected $fillable = ['settings', 'house'];

    public function name(): string
    {
        return $this->settings['name'] ?? config()->string('lento.kitchen');
    }

    /** Whether a cook says a PIN before a tablet takes them for who they say they are. */
    public function asksForPins(): bool
    {
        return ($this->settings['pins'] ?? '') === 'yes';
    }

    /**
     * What the kitchens of one house do alike: formulas that one of them has marked for all.
     *
     * The one place that reads another kitchen's rows, and of those only what that kitchen has given away.
     *
     * @return array<string, array{from: string, changes: array<string, string>}> by base, the newest of each
     */
    public function formulasOfTheHouse(): array
    {
        if ($this->house === null) {
            return [];
        }

        return app(Here::class)->everywhere(function (): array {
            $others = self::query()->where('house', $this->house)->whereKeyNot($this->id)->get()->keyBy('id');
            $given = KitchenFormula::query()->whereIn('galley_id', $others->keys())->where('shared', true)->oldest('updated_at');
            $formulas = [];
            foreach ($given->get() as $shared) {
                $formulas[$shared->base->value] = ['from' => $others[$shared->galley_id]?->name() ?? '', 'changes' => $shared->changed()];
            }

            return $formulas;
        });
    }

    /** @return HasMany<Member, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(Member::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['settings' => 'array'];
    }
}
