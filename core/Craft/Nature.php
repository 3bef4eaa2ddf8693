<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What is true of a technique wherever it is used. Laws and rules ask for these, never for one technique by its name. */
enum Nature: string
{
    /** Meant to hide what lies under it: a number of coats to cover can be asked for. */
    case Covers = 'covers';
    /** Meant to become lighter than what is there. */
    case Lightens = 'lightens';
    /** Transparent colour run or laid over a form. */
    case Washes = 'washes';
    /** A thin even tint. */
    case Tints = 'tints';
    /** Self-shading colour on a light ground. */
    case SelfShades = 'self-shades';
    /** Shade put only where it belongs. */
    case Lines = 'lines';
    /** The dark line between two areas. */
    case LinesBorders = 'lines-borders';
    case Dusts = 'dusts';
    /** Hardly needs room for the brush: done from outside, or on what stands out. */
    case NeedsNoRoom = 'needs-no-room';
    /** Comes from a can or an airbrush, and lands on what is near. */
    case Sprays = 'sprays';
    /** Primes bare plastic. */
    case Primes = 'primes';
    /** Must be carried through on one model while it is wet. */
    case StaysWet = 'stays-wet';
    /** Puts a neighbour right. */
    case Repairs = 'repairs';
    /** Repairs a slip or dulled ground, when the rest is done. */
    case TouchesUp = 'touches-up';
    /** Closes the surface against solvents and decals' fluids. */
    case Seals = 'seals';
    /** A transfer laid on. */
    case LaysDecal = 'lays-decal';
    case SoftensDecal = 'softens-decal';
    /** Carried by enamel thinner or spirit: softens what is not sealed. */
    case Solvent = 'solvent';
    /** Dirt and wear: decals come before it. */
    case Grimes = 'grimes';
    case Streaks = 'streaks';
    case Feathers = 'feathers';
    /** Takes solvent grime off again. */
    case WipesBack = 'wipes-back';
    case Pigments = 'pigments';
    case Effects = 'effects';
    case LaysChippingFluid = 'lays-chipping-fluid';
    case Chips = 'chips';
    case Eyes = 'eyes';
    /** Glass and stones, which shine at the end. */
    case Shines = 'shines';
    case LightsFromOneSide = 'lights-from-one-side';
    case BlendsTwo = 'blends-two';
    /** Each coat falls where it falls: some on what the last has left free. */
    case Scatters = 'scatters';
    /** Goes on the edge of the base only, not on the ground inside it. */
    case Rims = 'rims';
    case Masks = 'masks';
    case Unmasks = 'unmasks';
    case Glues = 'glues';
    case HoldsGrit = 'holds-grit';
    case SitsInWetPaste = 'sits-in-wet-paste';
    /** Light from the sky that lies within a cone. */
    case HasCone = 'has-cone';
}
