<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What is true of a technique wherever it is used. Laws and rules ask for these, never for one technique by its name. */
enum Nature
{
    /** Meant to hide what lies under it: a number of coats to cover can be asked for. */
    case Covers;
    /** Meant to become lighter than what is there. */
    case Lightens;
    /** Transparent colour run or laid over a form. */
    case Washes;
    /** A thin even tint. */
    case Tints;
    /** Self-shading colour on a light ground. */
    case SelfShades;
    /** Shade put only where it belongs. */
    case Lines;
    /** The dark line between two areas. */
    case LinesBorders;
    case Dusts;
    /** Hardly needs room for the brush: done from outside, or on what stands out. */
    case NeedsNoRoom;
    /** Comes from a can or an airbrush, and lands on what is near. */
    case Sprays;
    /** Primes bare plastic. */
    case Primes;
    /** Must be carried through on one model while it is wet. */
    case StaysWet;
    /** Puts a neighbour right. */
    case Repairs;
    /** Repairs a slip or dulled ground, when the rest is done. */
    case TouchesUp;
    /** Closes the surface against solvents and decals' fluids. */
    case Seals;
    /** A transfer laid on. */
    case LaysDecal;
    case SoftensDecal;
    /** Carried by enamel thinner or spirit: softens what is not sealed. */
    case Solvent;
    /** Dirt and wear: decals come before it. */
    case Grimes;
    case Streaks;
    case Feathers;
    /** Takes solvent grime off again. */
    case WipesBack;
    case Pigments;
    case Effects;
    case LaysChippingFluid;
    case Chips;
    case Eyes;
    /** Glass and stones, which shine at the end. */
    case Shines;
    case LightsFromOneSide;
    case BlendsTwo;
    /** Each coat falls where it falls: some on what the last has left free. */
    case Scatters;
    /** Goes on the edge of the base only, not on the ground inside it. */
    case Rims;
    case Masks;
    case Unmasks;
    case Glues;
    case HoldsGrit;
    case SitsInWetPaste;
    /** Light from the sky that lies within a cone. */
    case HasCone;
}
