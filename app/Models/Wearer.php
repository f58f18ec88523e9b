<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\File\WardrobeReader;
use Underbolt\Measure\Body;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\OwnGarment;

/**
 * A person clothes are made for.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $notes
 * @property ?Unit $unit the unit the figures are typed in; null for the user's own
 * @property ?CarbonImmutable $archived_at when it was put away; null while it is in use
 * @property bool $sizes_hidden whether sizes are called by the place of their line on everything made for this wearer
 * @property stdClass $wardrobe what fits, laid flat: each length with its unit
 * @property bool $is_demo whether it came with the demo's data
 * @property ?CarbonImmutable $agreed_on when someone else agreed to being measured
 * @property Collection<int, Card> $cards newest first
 */
final class Wearer extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['name', 'notes', 'unit', 'archived_at', 'agreed_on', 'sizes_hidden', 'wardrobe', 'is_demo'];

    public const BELONGS_TO = ['user_id'];

    protected $attributes = ['notes' => '', 'wardrobe' => '{}', 'version' => 1, 'sizes_hidden' => false, 'is_demo' => false];

    /** @return HasMany<Card, $this> */
    public function cards(): HasMany
    {
        $cards = $this->hasMany(Card::class);
        $cards->orderByDesc('taken_on')->orderByDesc('id');

        return $cards;
    }

    /** How sizes are called on everything that is made for the wearer. */
    public function sizeLabels(): SizeLabels
    {
        return $this->sizes_hidden ? SizeLabels::Hidden : SizeLabels::Shown;
    }

    /** @return list<OwnGarment> */
    public function garments(): array
    {
        return WardrobeReader::read(Node::root($this->wardrobe, 'wardrobe', Unit::Centimetre, new FaultLog));
    }

    /** As the newest card says; bare where there is none. */
    public function body(): Body
    {
        return $this->cards()->with('readings')->first()?->toBody() ?? new Body([]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => Unit::class, 'sizes_hidden' => 'boolean', 'wardrobe' => 'object', 'is_demo' => 'boolean', 'archived_at' => 'immutable_datetime', 'agreed_on' => 'immutable_date:Y-m-d', 'version' => 'integer'];
    }
}
