<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One line of the kitchen's audit; only ever added.
 *
 * @property int $id
 * @property CarbonImmutable $at
 * @property string $by who did it; empty where the machine did
 * @property string $what made, changed, binned, put_back, archived, unarchived, deleted
 * @property string $of which kind of thing: the table's name
 * @property int $of_id
 * @property string $name of the thing, as it was then
 * @property array<string, mixed> $before
 * @property array<string, mixed> $after
 */
final class Audit extends Model
{
    use OfAKitchen;

    public $timestamps = false;

    protected $table = 'audit';

    protected $fillable = ['at', 'by', 'what', 'of', 'of_id', 'name', 'before', 'after'];

    /** Columns that say nothing to a chef, or what nobody may read. */
    private const UNSAID = [
        'id', 'galley_id', 'account_id', 'created_at', 'updated_at', 'found_by', 'seen_at', 'heard_at', 'binned_by',
        'ignored', 'ignored_why', 'pot_id', 'pot_ignored',
        'token_hash', 'code_hash', 'code_until', 'pin_hash', 'password',
    ];

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public static function write(Model $row, string $what, array $before, array $after): void
    {
        $here = app(Here::class);
        $said = static fn(array $values): array => array_diff_key($values, array_flip(self::UNSAID));
        // A secret that was changed is said without what it was; of clocks and counters alone nothing is said.
        $secret = array_intersect(['token_hash', 'pin_hash', 'password'], array_keys($after));
        if ($here->isEverywhere() || $what === 'changed' && $said($after) === [] && $secret === []) {
            return;
        }
        $name = $row->getAttributes()['name'] ?? '';
        $id = $row->getKey();
        self::query()->create([
            'at' => CarbonImmutable::now(),
            'by' => mb_substr($here->presence()->name, 0, 60),
            'what' => $what,
            'of' => $row->getTable(),
            'of_id' => is_int($id) ? $id : 0,
            'name' => mb_substr(is_string($name) ? $name : '', 0, 200),
            'before' => $said($before),
            'after' => $said($after),
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime', 'before' => 'array', 'after' => 'array', 'of_id' => 'integer'];
    }
}
