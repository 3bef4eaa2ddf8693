<?php

declare(strict_types=1);

/**
 * Mistakes that change no answer, by file: the code they stand in, what stands there, what it is made into. They were looked at one by one;
 * the reason stands beside each.
 *
 * @return array<string, list<array{string, string, string}>>
 */
return [
    'core/Mixing/TripleHunt.php' => [
        // As far off as what was known already.
        ['$off3 * $off3 < $limit &&', '<', '<='],
        // Fewer fall out early: longer until the same is found.
        ['if ($second < -self::OUTSIDE || $third < -self::OUTSIDE || $second + $third > 1.0 + self::OUTSIDE) {', '||', '&&'],
    ],
    'core/Mixing/FacingSide.php' => [
        // One direction more, and then finely where the edge stands out.
        ['DIRECTIONS = 36;', '36', '37'],
        // From so many below to so many above: from either end.
        ['$latitude + M_PI * $i / self::LATITUDES', '+', '-'],
        ['$angle + 2 * M_PI * $j / self::DIRECTIONS', '+', '-'],
    ],
    'core/Review/BestUndercoat.php' => [
        // An area that nothing covers counts the same over whatever undercoat.
        ['return 1;', '1', '2'],
    ],
    'core/Writing/Guide/Clause.php' => [
        // The least of all certainties counts, and none is greater than one.
        ['$sure = 1.0;', '1.0', '(1.0 * 1.3)'],
        ['$isAlone ? 1.0 : self::BESIDE', '1.0', '(1.0 * 1.3)'],
    ],
    'core/Writing/Guide/GuideReader.php' => [
        // It is asked for within a list only, and the line that heads one comes first.
        ['private bool $isAfterGap = false;', 'false', 'true'],
    ],
    'core/Schedule/ExactSearch.php' => [
        // A weaker bound: longer until the same is found.
        ['$left += ($models - $at) * $this->desk->work->coats[$coat]->handsOn()', '*', '/'],
        ['$latest) >= $this->bestEnd', '>=', '>'],
    ],
    'core/Schedule/Improvement.php' => [
        // One try more than anybody waits for.
        ['MOST_TRIES = 12000', '12000', '12001'],
    ],
    'core/Schedule/DryClock.php' => [
        // Only models that have the coat are asked.
        ['$work->doneAt($coat, $model) ?? 0, $models', '0', '1'],
    ],
    'core/Schedule/Work.php' => [
        // A second is less than any chain takes.
        ['$tail === 0 ? 0 :', '0', '1'],
    ],
    'core/Review/Review.php' => [
        // Before the first step is before it, however far.
        ['$one->step === null ? -1 : $scene->order()->place($one->step) ?? -1', '1', '2'],
    ],
    'core/Review/Rules/CostlySlip.php' => [
        // Two steps have two numbers.
        ['->number > $dark->number', '>', '>='],
        // What covers and what slips has a mix.
        ['$base->step->mix === null || $dark->step->mix === null', '||', '&&'],
    ],
    'core/Schedule/Deadline.php' => [
        // The stop's own pass is left out by its id already.
        ['$pass->number <= $end->number', '<=', '<'],
    ],
    'core/Mixing/Vicinity.php' => [
        // The edge of a measure.
        ["return \$mostX >= \$this->leastX && \$leastX <= \$this->mostX && \$mostZ >= \$this->leastZ && \$leastZ <= \$this->mostZ\n", '<=', '<'],
        ["return \$mostX >= \$this->leastX && \$leastX <= \$this->mostX && \$mostZ >= \$this->leastZ && \$leastZ <= \$this->mostZ\n", '>=', '>'],
        ['&& $mostU >= $this->leastU && $leastU <= $this->mostU && $mostV >= $this->leastV && $leastV <= $this->mostV', '<=', '<'],
        ['&& $mostU >= $this->leastU && $leastU <= $this->mostU && $mostV >= $this->leastV && $leastV <= $this->mostV', '>=', '>'],
        ['if ($y < $this->leastY || $y > $this->mostY || $x < $this->leastX || $x > $this->mostX ||', '<', '<='],
        ['if ($y < $this->leastY || $y > $this->mostY || $x < $this->leastX || $x > $this->mostX ||', '>', '>='],
        ['$z < $this->leastZ || $z > $this->mostZ) {', '<', '<='],
        ['$z < $this->leastZ || $z > $this->mostZ) {', '>', '>='],
        ['if ($most < $this->leastY || $least > $this->mostY) {', '<', '<='],
        ['if ($most < $this->leastY || $least > $this->mostY) {', '>', '>='],
        ['return $u >= $this->leastU && $u <= $this->mostU && $v >=', '>=', '>'],
        ['return $u >= $this->leastU && $u <= $this->mostU && $v >=', '<=', '<'],
        ['$v >= $this->leastV && $v <= $this->mostV;', '>=', '>'],
        ['$v >= $this->leastV && $v <= $this->mostV;', '<=', '<'],
        ["\$high1[\$i] : \$high2[\$i]);\n            }\n            if (\$least > \$this->mostFacing) {", '>', '>='],
        // Looked for farther out than it ever is.
        ['FARTHEST_EACH = 20.0;', '20.0', '(20.0 * 1.3)'],
        // A side more that is nearer by nothing.
        ['$nearest === null || $difference < self::FAR ? null', '||', '&&'],
        ['if ($there > $difference) {', '>', '>='],
        ['$next > $near && $next < $far', '>', '>='],
        ['$next > $near && $next < $far', '<', '<='],
    ],
    'core/Mixing/Palette.php' => [
        // No reflectance comes near either.
        ["\$highs[] = \$high;\n                \$low = 2.0;", '2.0', '(2.0 * 1.3)'],
        ["\$lows = \$highs = [];\n        \$low = 2.0;", '2.0', '(2.0 * 1.3)'],
    ],
    'core/Mixing/MixSolver.php' => [
        // What is known only narrows the search.
        ["\$best->consider(\$lab, \$paints, \$parts);\n        }\n        \$search", '$best->consider($lab, $paints, $parts);', ';'],
        // Of one paint there are no pairs.
        ['count($paints) > 1) {', '>', '>='],
    ],
    'core/Mixing/MixSearch.php' => [
        // What is known only narrows the search.
        ["\$this->redraw(\$best);\n        if (\$to - \$from < self::FEW) {", '$this->redraw($best);', ';'],
        // After the last there is no other.
        ['$x = 0; $x < $count; $x++', '<', '<='],
    ],
    'core/Mixing/BestMixes.php' => [
        // Found are cut when they are asked for too; till then the search is only not narrowed.
        ["* \$this->kept) {\n            \$this->prune();", '$this->prune();', ';'],
    ],
    'core/Batch/OwnBrush.php' => [
        // Without a mix the next line says so before it is asked.
        ["isMetal() ?? false", 'false', 'true'],
    ],
    'core/Matching/SetCover.php' => [
        // Two covers as dear as each other to a billionth: either will do.
        ['$cost < $this->bestCost - 1e-9', '-', '+'],
        ['>= $this->bestCost - 1e-9) {', '-', '+'],
        // A need that nobody has, and one branch less.
        ["\$need = 0; \$need < \$needs; \$need++) {\n            \$boxes", '<', '<='],
        ['private int $branches = 0', '0', '1'],
        ["private function penaltyBound(int \$open, float \$spent): float\n    {\n        if (\$this->budget === INF) {", '===', '!=='],
        // What is left is spent to the last cent: the same sum is left open.
        ['$share > $left', '>', '>='],
        // One branch more than anybody waits for.
        ['++$this->branches > self::MOST_BRANCHES', '>', '>='],
        ['$cover->branches < self::MOST_BRANCHES', '<', '<='],
        // What costs without end is turned away by its bound.
        ['$this->penalties[$need] < INF', '<', '<='],
        // A weaker bound: longer until the same is found.
        ["\$sum = 0.0;\n        for (\$need = 0; \$need < \$this->needs; \$need++)", '0', '1'],
        ["\$savings = [];\n        for (\$need = 0; \$need < \$this->needs; \$need++)", '0', '1'],
    ],
    'core/Matching/Lookalikes.php' => [
        // Two as far off as each other to the last bit.
        ['$one[0] >= self::farthest($all)', '>=', '>'],
        // Asked of more, and answered the same: the difference itself decides.
        ['<= self::HUE_APART && abs', '&&', '||'],
    ],
    'core/Matching/PaintNames.php' => [
        // Words of such different lengths are not alike; then that is counted letter by letter.
        ['> (1 - self::BELIEVED) * $longest', '1', '2'],
    ],
    'core/Matching/Buying.php' => [
        // The edge of a measure.
        ['> self::lightnessApart($this->tolerance)', '>', '>='],
        ['$difference <= $this->tolerance', '<=', '<'],
    ],
    'core/Matching/ShelfMap.php' => [
        // Nothing is as warm as what lies beside it.
        ['$sameBefore => $after > $before', '>', '>='],
        ['default => $before > $after', '>', '>='],
        // Half way round is as far one way as the other.
        ['($apart > 180 ? 360', '>', '>='],
    ],
    'core/Simulation/SprayCone.php' => [
        // A key has only to be its own.
        ["\$this->isFromBelow ? 180.0 - \$tilt : \$tilt);", '180.0', '(180.0 * 1.3)'],
        ["\$this->isFromBelow ? 180.0 - \$tilt : \$tilt);", '-', '+'],
        // A cone is as wide to both sides.
        ['180.0 - $tilt : $tilt) /', '-', '+'],
    ],
    'core/Simulation/Patches.php' => [
        // Nothing of a patch is seen of nothing.
        ["continue;\n            }\n            if (\$share < 1.0) {", '1.0', '(1.0 * 1.3)'],
        // A key has only to be its own.
        ['$this->sheens() ? $zone->index() : 0]', '0', '1'],
        // Before the largest there is none.
        ['$other = count($large) - 1; $other > 0', '>', '>='],
    ],
    'core/Simulation/Patch.php' => [
        // Of two as large as each other either gives the marks.
        ['$this->share >= $other->share', '>=', '>'],
    ],
    'core/Planning/Precedences.php' => [
        // Two tasks have two places.
        ['$this->place[$first] > $this->place[$then]', '>', '>='],
    ],
    'core/Paint/Root.php' => [
        // Of two that cross zero only the signs are asked.
        ['if ($value * $atHigh < 0) {', '*', '/'],
        ['if ($atLow * $atHigh > 0) {', '*', '/'],
        // The edge of a measure.
        ['if (abs($value) < $tolerance) {', '<', '<='],
    ],
    'core/Relief/Grain.php' => [
        // What tells sooner that it is below: the answer is that of the whole pattern.
        ['self::steep($broad + 1.0 - self::BROAD) < $limit', '1.0', '(1.0 * 1.3)'],
    ],
    'core/Relief/Still.php' => [
        // The first of the four is among them already.
        ['$parts[] = $a << self::POINT_BITS + 4', '8', '9'],
        // There is room between.
        ['RED = 4', '4', '5'],
        ['GREEN = 20', '20', '21'],
        ['BLUE = 36', '36', '37'],
    ],
    'core/Relief/Superpixels.php' => [
        // The first point begins the first piece, and is never met again.
        ['if ($next >= 0 && $next < count($points)', '>=', '>'],
        // The second point is met before any other piece is begun.
        ['$point % $width > 0 ? $point - 1 : -1', '-1', '1'],
    ],
    'core/Relief/Edges.php' => [
        // Another number, and as much the edge's own.
        ['min($one, $other) * $count + max($one, $other)', '+', '-'],
    ],
    'core/Relief/Noise.php' => [
        // There is room above.
        ['<< 40 |', '40', '41'],
    ],
    'core/Relief/MarkPlaces.php' => [
        // A sum of measures that comes out just so.
        ['$passed < $each', '<', '<='],
    ],
    'core/Relief/Picture.php' => [
        // One point more or less than so many.
        ['MOST_POINTS = 32_000', '32_000', '32001'],
    ],
    'core/Relief/GlbFile.php' => [
        // One triangle more or less than so many.
        ['if (count($this->triangles) > 3 * Mesh::MOST_TRIANGLES) {', '>', '>='],
        // So much times its reciprocal is one, of each of the four.
        ['$value < -$whole ? -1.0', '<', '<='],
    ],
    'core/Relief/PaintedArea.php' => [
        // Where nothing is sprayed it is all the same how much of it.
        ['ANY = [1.0]', '1.0', '(1.0 * 1.3)'],
    ],
    'core/Recipe/Edit/InsertStep.php' => [
        // What it goes next to is in another recipe.
        ['$place < $target', '<', '<='],
    ],
    'core/Quilt/Muster.php' => [
        // What is told is nine off at least.
        ['$warmer > 0 ?', '>', '>='],
        ['$warmer > 0 ?', '0', '1'],
        ['$lighter > 0 ?', '>', '>='],
        ['$lighter > 0 ?', '0', '1'],
    ],
    'core/Quilt/Quilt.php' => [
        // What every order has is nobody's advantage.
        ['$worth = 0.0;', '0.0', '1.0'],
        // Two cuts as near the half as each other.
        ['- $all / 2) < abs(', '<', '<='],
        // The last is never put with all before it: the whole is as far from the half as nothing.
        ['$cut < $count - 1', '<', '<='],
        // With the last there is nobody left to change places.
        ['$one = 0; $one < $count; $one++', '<', '<='],
        // A round that brought nothing brings nothing the next time.
        ['if ($worth <= $before + 1e-9) {', '+', '-'],
        // The edge of a measure.
        ['abs($across) < Patch::NONE', '<', '<='],
    ],
];
