<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** The relief of an area: what decides how a wash pools and a dry brush catches. */
enum Texture: string
{
    case SmoothPanel = 'smooth-panel';
    case HardEdgedPanel = 'hard-edged-panel';
    case BroadFolds = 'broad-folds';
    case CloseFolds = 'close-folds';
    case FurOrFeather = 'fur-or-feather';
    case ScalesOrChain = 'scales-or-chain';
    case Skin = 'skin';
    case RopeOrGrain = 'rope-or-grain';
    case Rubble = 'rubble';
    case TinyDetail = 'tiny-detail';

    /** label; shares of recess, lower side, face, raised, edge; relief 0 (a mirror) to 1 (chain mail) */
    private const TABLE = [
        'smooth-panel' => ['smooth panel', [0.04, 0.20, 0.60, 0.12, 0.04], 0.10],
        'hard-edged-panel' => ['hard-edged panel', [0.08, 0.20, 0.50, 0.10, 0.12], 0.40],
        'broad-folds' => ['broad folds', [0.16, 0.20, 0.34, 0.24, 0.06], 0.55],
        'close-folds' => ['close folds', [0.25, 0.18, 0.25, 0.24, 0.08], 0.85],
        'fur-or-feather' => ['fur or feather', [0.28, 0.14, 0.22, 0.24, 0.12], 0.90],
        'scales-or-chain' => ['scales or chain', [0.28, 0.12, 0.24, 0.24, 0.12], 1.00],
        'skin' => ['skin', [0.12, 0.24, 0.40, 0.20, 0.04], 0.50],
        'rope-or-grain' => ['fine rope or wood grain', [0.25, 0.15, 0.24, 0.26, 0.10], 0.80],
        'rubble' => ['rubble', [0.30, 0.18, 0.22, 0.20, 0.10], 0.90],
        'tiny-detail' => ['tiny detail', [0.18, 0.20, 0.32, 0.20, 0.10], 0.60],
    ];

    public function label(): string
    {
        return self::TABLE[$this->value][0];
    }

    /** Share of the area's surface, 0…1; the five add up to 1. */
    public function share(Zone $zone): float
    {
        return self::TABLE[$this->value][1][$zone->index()];
    }

    /** 0 (a mirror) to 1 (chain mail). */
    public function relief(): float
    {
        return self::TABLE[$this->value][2];
    }

    /** A lens or a buckle takes a dab or two, and nobody counts coats on it. */
    public function isAskedToCover(): bool
    {
        return $this !== self::TinyDetail;
    }

    /** What most painters do here after a technique; first of all a basecoat. */
    public function goesOnAfter(?Technique $last, CraftBook $book, bool $isMetal = false): Technique
    {
        $id = $last->next ?? 'basecoat';

        return $book->technique(match (true) {
            // A lens or a buckle takes a colour and a point of light.
            $this === self::TinyDetail && $last?->family === Family::Base => 'highlight',
            // A wash has nothing to run into, so the shade is painted.
            $id === 'wash' && $this->isPanel() && ! $isMetal => 'layer',
            // A dry brush looks dusty on cloth and skin, and needs much relief to catch.
            $id === 'drybrush' && ! $this->catchesADryBrush() => 'layer',
            default => $id,
        }) ?? Technique::of('basecoat');
    }

    /** Deep relief does by itself what a dry brush wants. */
    public function catchesADryBrush(): bool
    {
        return match ($this) {
            self::FurOrFeather, self::ScalesOrChain, self::RopeOrGrain, self::Rubble => true,
            default => false,
        };
    }

    /** Flat, with edges or without. */
    public function isPanel(): bool
    {
        return $this === self::SmoothPanel || $this === self::HardEdgedPanel;
    }

}
