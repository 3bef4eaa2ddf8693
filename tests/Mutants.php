<?php

declare(strict_types=1);

namespace Tests;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Small mistakes drawn by lot from the syntax tree of a room of the core: a constant that is another, a sign turned round, a comparison
 * that takes its edge in or leaves it out, a condition with the wrong word, a call that is left away. Those that change no answer are named
 * in equivalent-mutants.php, each with its reason, and are not drawn.
 *
 * @phpstan-type Mutant array{string, string, string, int} file, what stands there, what it is made into, where it begins
 */
final class Mutants
{
    private const OTHER = [
        '+' => '-', '-' => '+', '*' => '/', '/' => '*', '<' => '<=', '<=' => '<', '>' => '>=', '>=' => '>', '===' => '!==', '!==' => '===',
        '&&' => '||', '||' => '&&',
    ];

    /** @return list<Mutant> so many of the room, the same for the same seed */
    public static function of(string $root, string $room, int $many, int $seed): array
    {
        $all = [];
        $files = iterator_to_array(
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/core/$room", \RecursiveDirectoryIterator::SKIP_DOTS)),
        );
        ksort($files);
        foreach ($files as $file) {
            assert($file instanceof \SplFileInfo);
            array_push($all, ...self::in(
                substr($file->getPathname(), strlen($root) + 1),
                (string) file_get_contents($file->getPathname()),
                self::floats($root),
            ));
        }

        $drawn = (new Randomizer(new Mt19937($seed)))->shuffleArray($all);

        return array_slice(array_values(array_filter($drawn, static fn(array $one): bool => ! self::isNamed($root, $one))), 0, $many);
    }

    /** @param Mutant $mutant */
    private static function isNamed(string $root, array $mutant): bool
    {
        [$file, $from, $into, $at] = $mutant;
        foreach ((require __DIR__.'/equivalent-mutants.php')[$file] ?? [] as [$around, $what, $made]) {
            $code = (string) file_get_contents("$root/$file");
            $place = strpos($code, $around);
            if ($place !== false && $what === $from && $made === $into && $at >= $place && $at < $place + strlen($around)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<string, true> $floats constants that are no whole numbers, as `Class::NAME`
     *
     * @return list<Mutant>
     */
    private static function in(string $file, string $code, array $floats): array
    {
        foreach (array_keys($floats) as $name) {
            [$class, $constant] = explode('::', $name);
            $floats += $class === basename($file, '.php') ? ["self::$constant" => true] : [];
        }
        $tree = (new ParserFactory)->createForHostVersion()->parse($code) ?? [];
        $mutants = [];
        $untold = self::untold($tree, $floats);
        foreach ((new NodeFinder)->find(
            $tree,
            static fn(Node $node): bool => ($node instanceof Expr || $node instanceof Scalar || $node instanceof Node\Stmt\Expression)
                && ! in_array($node, $untold, true),
        ) as $node) {
            [$from, $length] = [$node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1];
            $text = substr($code, $from, $length);
            foreach (self::made($node, $text, $code) as [$what, $into, $at]) {
                $mutants[] = [$file, $what, $into, $at];
            }
        }

        return $mutants;
    }

    /**
     * What no test can tell: strictness of types, which is checked without running, what is kept beside the keys of a set, tolerances of a
     * millionth and less, and whether the edge of a measure belongs to it, for no measure lies on it to the last bit.
     *
     * @param array<Node> $tree
     * @param array<string, true> $floats
     *
     * @return list<Node>
     */
    private static function untold(array $tree, array $floats): array
    {
        $find = new NodeFinder;
        $untold = [];
        foreach ($find->findInstanceOf($tree, Node\DeclareItem::class) as $item) {
            $untold[] = $item->value;
        }
        foreach ($find->findInstanceOf($tree, Expr\FuncCall::class) as $call) {
            $strict = $call->args[2] ?? null;
            if (
                $call->name instanceof Node\Name
                && in_array($call->name->toString(), ['in_array', 'array_search'], true)
                && $strict instanceof Node\Arg
            ) {
                $untold[] = $strict->value;
            }
        }
        // Of a set only the keys are asked for.
        foreach ($find->findInstanceOf($tree, Expr\Assign::class) as $kept) {
            if ($kept->var instanceof Expr\ArrayDimFetch && $kept->expr instanceof Expr\ConstFetch) {
                $untold[] = $kept->expr;
            }
        }
        foreach ($find->findInstanceOf($tree, Scalar\Float_::class) as $number) {
            if ($number->value !== 0.0 && abs($number->value) <= 1e-6) {
                $untold[] = $number;
            }
        }

        foreach ([
            Expr\BinaryOp\Smaller::class,
            Expr\BinaryOp\SmallerOrEqual::class,
            Expr\BinaryOp\Greater::class,
            Expr\BinaryOp\GreaterOrEqual::class,
        ] as $kind) {
            foreach ($find->findInstanceOf($tree, $kind) as $edge) {
                if (self::isMeasure($edge->left, $floats) || self::isMeasure($edge->right, $floats)) {
                    $untold[] = $edge;
                }
            }
        }

        return [...$untold, ...self::ofTwoAlike($tree)];
    }

    /**
     * Told by a number that is no whole one, or reckoned with such.
     *
     * @param array<string, true> $floats constants that are, as `Class::NAME`
     */
    private static function isMeasure(Expr $side, array $floats): bool
    {
        return match (true) {
            $side instanceof Scalar\Float_ => true,
            $side instanceof Expr\UnaryMinus => self::isMeasure($side->expr, $floats),
            $side instanceof Expr\BinaryOp\Plus, $side instanceof Expr\BinaryOp\Minus,
            $side instanceof Expr\BinaryOp\Mul, $side instanceof Expr\BinaryOp\Div => self::isMeasure($side->left, $floats)
                || self::isMeasure($side->right, $floats),
            $side instanceof Expr\ClassConstFetch => $side->class instanceof Node\Name && $side->name instanceof Node\Identifier
                && isset($floats["{$side->class->getLast()}::$side->name"]),
            default => false,
        };
    }

    /** @return array<string, true> constants of the core that are no whole numbers, as `Class::NAME` */
    private static function floats(string $root): array
    {
        static $floats = [];
        if ($floats === []) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/core", \RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
                assert($file instanceof \SplFileInfo);
                preg_match_all('/\bconst (\w+) = -?[\d_]+\.\d/', (string) file_get_contents($file->getPathname()), $found);
                foreach ($found[1] as $name) {
                    $floats[$file->getBasename('.php')."::$name"] = true;
                }
            }
        }

        return $floats;
    }

    /**
     * The lesser or the greater of two: where they are alike either is the same, whether it is asked or set in the other's place.
     *
     * @param array<Node> $tree
     *
     * @return list<Node>
     */
    private static function ofTwoAlike(array $tree): array
    {
        $find = new NodeFinder;
        $print = (new Standard)->prettyPrintExpr(...);
        $compares = static fn(Expr $one): bool => $one instanceof Expr\BinaryOp && in_array($one->getOperatorSigil(), ['<', '<=', '>', '>='], true);
        $alike = [];
        foreach ($find->findInstanceOf($tree, Expr\Ternary::class) as $one) {
            if ($compares($one->cond) && $one->if !== null) {
                $alike[] = [$one->cond, $one->if, $one->else];
            }
        }
        foreach ($find->findInstanceOf($tree, Node\Stmt\If_::class) as $one) {
            $set = count($one->stmts) === 1 && $one->else === null && $one->elseifs === [] && $one->stmts[0] instanceof Node\Stmt\Expression
                ? $one->stmts[0]->expr
                : null;
            if ($compares($one->cond) && $set instanceof Expr\Assign) {
                $alike[] = [$one->cond, $set->var, $set->expr];
            }
        }
        $told = array_filter($alike, static function (array $one) use ($print): bool {
            [$asked, $set] = [[$print($one[0]->left), $print($one[0]->right)], [$print($one[1]), $print($one[2])]];
            sort($asked);
            sort($set);

            return $asked === $set;
        });

        return array_column($told, 0);
    }

    /** @return iterable<array{string, string, int}> what stands there, what it is made into, where it begins */
    private static function made(Node $node, string $text, string $code): iterable
    {
        $from = $node->getStartFilePos();
        if ($node instanceof Scalar\Int_) {
            yield [$text, (string) ($node->value + 1), $from];
        } elseif ($node instanceof Scalar\Float_) {
            yield [$text, $node->value === 0.0 ? '1.0' : sprintf('(%s * 1.3)', $text), $from];
        } elseif ($node instanceof Expr\BinaryOp && isset(self::OTHER[$node->getOperatorSigil()])) {
            $between = $node->left->getEndFilePos() + 1;
            $sign = strpos($code, $node->getOperatorSigil(), $between);
            if ($sign !== false && $sign < $node->right->getStartFilePos()) {
                yield [$node->getOperatorSigil(), self::OTHER[$node->getOperatorSigil()], $sign];
            }
        } elseif ($node instanceof Expr\BooleanNot || $node instanceof Expr\UnaryMinus) {
            yield [$text, substr($code, $node->expr->getStartFilePos(), $node->expr->getEndFilePos() - $node->expr->getStartFilePos() + 1), $from];
        } elseif ($node instanceof Expr\ConstFetch && in_array(strtolower($text), ['true', 'false'], true)) {
            yield [$text, strtolower($text) === 'true' ? 'false' : 'true', $from];
        } elseif (
            $node instanceof Node\Stmt\Expression
            && ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\StaticCall || $node->expr instanceof Expr\FuncCall)
        ) {
            yield [$text, ';', $from];
        }
    }
}
