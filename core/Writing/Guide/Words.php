<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\AreaGuess;
use Kalokroma\Craft\Place;
use Kalokroma\Paint\Kind;

/** Words that people use in guides, and what they mean by them. */
final class Words
{
    /** Somebody paints something: it says nothing of how. */
    public const PAINT = 'paint';

    /** What one says => technique; the first that fits counts. */
    private const TECHNIQUES = [
        'dry[- ]?brush(?:es|ed|ing)?|db' => 'drybrush',
        'wet[- ]?blend(?:s|ed|ing)?' => 'wet-blend',
        'layered shad(?:e|es|ing)' => 'layered-shade',
        '(?:oil|enamel|solvent|spirit|pin)[- ]?wash(?:es|ed|ing)?' => 'solvent-wash',
        'streak(?:s|ed|ing)?' => 'streaks',
        'decals?|transfers?|waterslides?' => 'decal',
        'gloss (?:varnish|coat)(?:ed|ing)?' => 'gloss-coat',
        'satin (?:varnish|coat)(?:ed|ing)?' => 'satin-coat',
        'texture paste|ground paste|mud paste' => 'texture-paste',
        'tufts?|static grass|flock(?:ing)?' => 'tuft',
        'pva(?: glue)?(?:\W+(?:and|then|with|plus)?\s*(?:some |fine )?(?:sand|grit|gravel))?|sand and (?:grit|gravel|stones)|grit|gravel|(?:glue|add|sprinkle)s? (?:some )?(?:fine )?sand'
            => 'grit',
        'chip(?:s|ped|ping)?|spong(?:e|es|ed|ing)' => 'chip',
        'freehand(?:s|ed|ing)?' => 'freehand',
        '(?:spray|mist)(?:s|ed|ing)?(?=.{0,40}\bfrom (?:above|the top)\b)' => 'spray-from-above',
        'airbrush(?:es|ed|ing)?|spray(?:s|ed|ing)?(?: coats?)?' => 'spray-layer',
        'pat(?:s|ted|ting)?|overbrush(?:es|ed|ing)?' => 'patting',
        'mask(?:s|ed|ing)?(?: off)?' => 'mask',
        '^\s*eye' => 'eye',
        '^\s*lens' => 'lens',
        '^\s*gem' => 'gem',
        'one[- ]coat(?: transparent)?' => 'one-coat',
        'base rims?|rims? of the base|rims?' => 'rim',
        'touch(?:ed|ing)?[- ]?ups?|tidy(?:ing)? up|tidied up' => 'touch-up',
        'ehl|pick(?:s|ed|ing)? out (?:the |all |its )*(?:\w+ )?edges|edge[- ]?highlight(?:s|ed|ing)?|highlight(?:s|ed|ing)? (?:the |all |its )*(?:\w+ )?edges'
            => 'edge-highlight',
        'stippl(?:e|es|ed|ing)' => 'stipple',
        'glaz(?:e|es|ed|ing)' => 'glaze',
        'black[- ]?lin(?:e|es|ed|ing)|lin(?:ed|ing)' => 'lining',
        'gloss(?:ed|y)?' => 'gloss-spot',
        'shad(?:e|es|ed|ing)|wash(?:es|ed|ing)?' => 'wash',
        'highlight(?:s|ed|ing)?|hl|h[1-4](?=\s*[:=])' => 'highlight',
        'last points?|dots?|corners?' => 'dot',
        'layer(?:s|ed|ing)?|lyr|l[1-4](?=\s*[:=])|re[- ]?establish(?:es|ed|ing)?|re[- ]?bas(?:e|es|ed|ing)|(?:brings?|brought|bringing|built|build|worked?|went|goes|go)(?: it| them| the [\p{L}-]+)? back up'
            => 'layer',
        'prim(?:e|es|ed|ing)|primer|undercoat(?:s|ed|ing)?' => 'primer',
        'zenithal(?:ly)?' => 'spray-from-above',
        'varnish(?:es|ed|ing)?|seal(?:s|ed|ing)?' => 'matt-coat',
        'pigments?|weather(?:s|ed|ing)?' => 'pigments',
        'bc|(?:coat|cover)(?:s|ed|ing)?(?= (?:it|them|everything) (?:in|with)\b)|base[- ]?coat(?:s|ed|ing)?|basing|bas(?:e|ed)|(?:first|main) colou?r|block(?:s|ed|ing)? ?in'
            => 'basecoat',
        'edges?|edged' => 'edge-highlight',
        '(?<!to )paint(?:ed|ing)?' => self::PAINT,
    ];

    private const PLACES = [
        'everything (?:but|except)(?: for)? (?:the )?(?:recess(?:es)?|folds?|shadows?)|all (?:but|except)(?: for)? the (?:recess(?:es)?|folds?|shadows?)'
            => Place::AllButRecesses,
        '(?:top|upper|raised) folds|(?:pick(?:s|ed|ing)?|brings?|brought) out (?:the |all )*folds|tops? of (?:the |all )*folds'
            => Place::RaisedParts,
        'leav(?:e|es|ing)(?: it| the wash| the shade| paint)?(?: out of| in| from)?(?: the)? (?:\w+ )?(?:recess(?:es)?|folds?|shadows?|gaps)(?: dark| alone| as they are)?'
            => Place::AllButRecesses,
        'lower half|bottom half' => Place::LowerHalf,
        'tips' => Place::Tips,
        'roots' => Place::Roots,
        'cent(?:re|er)|middle' => Place::Centre,
        'recess(?:es)?|shadows?|joints?|crevices?|panel lines|gaps|folds' => Place::Recesses,
        'raised (?:parts|areas|details)|upper (?:parts|areas|surfaces)|high points' => Place::RaisedParts,
        'upper edges|edges' => Place::UpperEdges,
        'upper half|top half' => Place::UpperHalf,
        'lower sides|undersides' => Place::LowerSides,
        'all over|everywhere|everything(?!\s+[\p{L}-]+\s+(?:in|with)\b)|the whole (?:thing|model|area)' => Place::Everywhere,
    ];

    private const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'a' => 1, 'couple' => 2,
        'few' => 3, 'another' => 1,
    ];

    /** What joins, fills and praises. */
    private const FILLERS = 'a|an|the|then|and|with|using|use|used|of|in|into|on|onto|over|by|to|it|its|this|them|some|all|apply|applied|give|gave|is|are|was|get|gets|got|again|up|down|now|next|first|second|finally|lastly|last|thin|light|lightly|heavy|heavily|careful|carefully|coat|coats|colou?r|paint|around|along|from|above|below|final|very|more|my|your|mix|mixture|mixed|thinned|diluted|down|parts?|for|step|once|dry|extreme|deepest|sharp|sharpest|same|was|were|go|goes|went|put|puts|add|added|do|did|does|use|paint|painted|one|two|three|little|bit|just|only|so|there|here|after|before|that|which|i|we|you|he|she|they|but|or|as|at|be|been|have|has|had|will|would|can|could|should|let|make|made|take|took|start|started|starting|begin|began|simple|simply|quick|quickly|nice|good|really|quite|well|over|out|off|until|till|when|while|also|too|still|other|others|both|each|every|any|some|not|no|yes|ok|okay|left|remaining|alright|right|about|back|moving|hello|hi|welcome|heavy|followed|pick|picked|went|go|going|using|doing|done|did|wanted|want|show|today|simple|quick|another|covers|covered|everything|else|work';

    /** One to three words that may be called an area: none that only joins. */
    private const NAME = '((?:(?!(?:i|i\'m|i’m|we|you|he|she|they|it|is|are|was|were|which|that|with|using|and|then|but|gets?|got|had|has|just|on|in|of|to|for|use|like|kind|as|again|back)\b)[\p{L}-]+\s+){0,2}?(?!(?:i|i\'m|i’m|we|you|he|she|they|it|is|are|was|were|which|that|with|using|and|then|but|gets?|got|had|has|just|on|in|of|to|for|use|like|kind|as|again|back)\b)[\p{L}-]+)';

    /** What follows "the" and is no area. */
    private const NO_AREA = '/^(?:with|in|on|using|and|or|(?!(?:belly|underbelly|filigree)$)\p{L}+ly|else|things?|recipes?|techniques?|methods?|stuff|ones?|reason|moment|video|guide|result|(?:(?:dark|light|deep|bright|pale)(?:er)? )?(?:red|blue|green|yellow|white|black|brown|gr[ea]y|orange|purple|violet|pink)s?|that|rest|it|them|this|these|those|which|models?|minis?|miniatures?|figures?|paints?|colou?rs?|whole.*|same.*|lot|next.*|first.*|last.*|final.*|second.*|third.*|brightest.*|extreme.*|brush.*|palette|pot|bottle|wash|mix.*|two|other.*|end|top|bottom|way|time|base ?coat|highlights?|shade|undercoat|primer|corners?|edges?|tips|roots|(?:higher|lower|upper|outer|inner|raised|flat|small|large|other) (?:bits|areas?|parts?|spots?|points?|ones)|bits|areas|parts|raised.*|recess.*|folds?|upper.*|lower.*|shadows?|joints?|gaps?)$/iu';

    /** Beginnings of sentences that tell of no step. */
    private const ASIDES = '/^(?:(?:then |now |and |next )?(?:let|leave|allow)\b.{0,60}\b(?:dry|cure|set|hours?|minutes?|night|day)\b|wait\b|clean your|rinse|enjoy|done\b|that\'?s (?:it|all)|be (?:patient|careful)|take your time|don\'?t (?:worry|forget)|repeat\b|thanks?\b|hope\b|happy\b|good luck|(?:i|we) hope|once (?:that|it|this|everything)\b[^,]*$)/iu';

    /** A line that only says what is done until the next one: "Washes", "Base colours". */
    public static function isStage(string $line): bool
    {
        return preg_match(
            '/^(?:the |all )?(?:first |second |final |last )?(?:base(?:[- ]?coats?)?(?:ing)?(?: colou?rs?| coats?| layers?)?|basecoating|wash(?:es|ing)?|shad(?:es?|ing)|highlights?|highlighting|dry[- ]?brush(?:ing)?|glaz(?:es?|ing)|layers|layering|edge highlights?|edging|varnish(?:ing)?)\s*:?$/iu',
            trim($line),
        ) === 1;
    }

    /** A heading under which paints are listed. */
    public static function isListHeading(string $line): bool
    {
        return preg_match(
            '/^(?:the |my )?(?:(?:paints?|colou?rs)(?: list| used| needed| required|(?: that)? (?:i|you|we)(?:\'ll| will)?(?: need| used?)?)?|(?:what )?(?:you|i|we)(?:\'ll| will)? (?:need|used?)|materials|tools|supplies|needed|shopping(?: list)?|list)(?: (?:for|of) [^:.]{1,30}| here| below)?\s*:?\s*$/iu',
            trim($line),
        ) === 1;
    }

    /** @return array{string|null, string} the technique, if one is said, and what is left of the text */
    public static function technique(string $text): array
    {
        foreach (self::TECHNIQUES as $pattern => $technique) {
            if (preg_match("/\\b(?:$pattern)\\b/iu", $text) === 1) {
                return [$technique, (string) preg_replace("/\\b(?:$pattern)\\b/iu", ' ', $text, 1)];
            }
        }

        return [null, $text];
    }

    /** @return array{Place|null, string} */
    public static function place(string $text): array
    {
        foreach (self::PLACES as $pattern => $place) {
            $found = "/\\b(?:(?:in|into|on|onto|over|along|around|to) )?(?:(?:all|the|its|deepest|sharp|upper) )*(?:$pattern)\\b/iu";
            if (preg_match($found, $text) === 1) {
                return [$place, (string) preg_replace($found, ' ', $text, 1)];
            }
        }

        return [null, $text];
    }

    /** @return array{int|null, string} */
    public static function coats(string $text): array
    {
        $number = '(?:one|two|three|four|five|six|seven|eight|another|[1-9])';
        $found = "/\\b(?:(?:a )?(couple|few)(?: of)?|$number\\s*(?:-|–|to|or)\\s*($number)|($number))(?: more)?(?: very)?(?: thin| light| even)* (?:coats?|layers|passes)\\b|\\bx ?([1-9])\\b|\\b([1-9]) ?[x×](?= |$)/iu";
        if (preg_match($found, $text, $said) !== 1) {
            return [null, $text];
        }
        $word = mb_strtolower(implode('', array_slice($said, 1)));

        return [self::NUMBERS[$word] ?? max(1, (int) $word), (string) preg_replace($found, ' ', $text, 1)];
    }

    /**
     * What an area is called in "the coat with", "the boots ¤0¤" or "on the eyes", if anything is.
     *
     * @param bool $isBare nobody said how it is done: a thing right before a paint is what gets it
     */
    public static function area(string $text, bool $isBare): ?string
    {
        if (preg_match('/\bon an? bases? of\s+(?:¤|[\p{L}]{3,})/iu', $text) === 1) {
            return 'base';
        }
        $name = self::NAME;
        foreach ([
            "/\\b(?:the|his|her|its|their|all|both)\\s+$name(?:['’]s)?\\s+(?:gonna|going|with|using|in|is|are|was|were|had|has|have|gets?|got|which|that|¤)/iu",
            "/\\bfor\\s+(?:the|his|her|its|their)\\s+$name(?:\\s*,|\\s+(?:i|i'm|i’m|we|you|it|just|use)\\b|\\s*¤)/iu",
            "/¤\\d+¤\\W{0,3}\\s*(?:the|his|her|its|their)\\s+$name\\s*[.!]?\\s*$/iu",
            "/\\b(?:round|around|along)\\s+(?:the|his|her|its|their)\\s+(brims?|hems?|cuffs?|seams?)\\s*[.!]?\\s*$/iu",
            "/\\beverything\\s+([\\p{L}-]+)\\s+(?:in|with)\\b/iu",
            "/\\b(?:on|onto|over|to|for)\\s+(?:all\\s+(?:of\\s+)?)?(?:the|his|her|its|their|both)\\s+$name\\s*[.!]?\\s*$/iu",
            "/(?:^|[,:])\\s*(?:the\\s+)?([\\p{L}-]{3,20})\\s+in\\s+¤/iu",
            "/\\bpaint(?:ed|ing|s)?\\s+(?:the|his|her|its|their|all|both)\\s+([\\p{L}-]+)/iu",
            "/\\b(?:the|his|her|its|their)\\s+$name\\s+(?:i|we)\\b/iu",
            "/\\b(?:give|gives|gave|giving|hit|cover(?:s|ed|ing)?)\\s+(?:the|his|her|its|their|both)\\s+$name\\s+(?:an?|some|two|three|another|with|in)\\b/iu",
        ] as $pattern) {
            $name = preg_match($pattern, $text, $found) === 1 ? (string) preg_replace('/^(?:whole|entire)\s+/iu', '', trim($found[1])) : '';
            if ($name !== '' && preg_match(self::NO_AREA, $name) !== 1) {
                return $name;
            }
        }

        // A thing that models have, or whatever has a capital or an article and is followed by nothing but its paint.
        if (
            preg_match('/^\W*((?:the\s+)?)([\p{L}-]+(?:\s[\p{L}-]+)?)\s+(?:is|are|was|were)\s+(?:just\s+|plain\s+|in\s+)?¤/iu', $text, $found) === 1
            && preg_match(self::NO_AREA, $found[2]) !== 1
            && (self::isThing($found[2]) || $found[1] !== '' || preg_match('/^\p{Lu}\p{Ll}{2,}$/u', $found[2]) === 1)
        ) {
            return $found[2];
        }

        // "Trousers ¤0¤": a thing that models have, right before its paint.
        return $isBare
            && preg_match('/^\W*(?:the\s+)?((?:[\p{L}-]+\s+(?:and|&)\s+)?[\p{L}-]+)\s+¤\d+¤\W*$/iu', $text, $found) === 1
            && self::isThing($found[1])
            ? $found[1]
            : null;
    }

    /** Something models have, by what it is called. */
    public static function isThing(string $name): bool
    {
        return AreaGuess::of($name)->material !== AreaGuess::of('')->material;
    }

    /** What is listed beside paints and is none. */
    public static function isTool(string $name): bool
    {
        return preg_match(
            '/^(?:(?:\p{L}+ )?(?:(?:air|dry)?brush(?:es)?|sponges?|palettes?|(?:paper )?towels?|tissues?|tweezers|clippers|kni(?:fe|ves)|files?|glue|toothpicks?|cotton buds?|hair ?dryer)|water)$/iu',
            trim($name),
        ) === 1;
    }

    /** All that is not named yet: "everything else tar". */
    public static function ofTheRest(string $text): ?string
    {
        return preg_match('/\b(?:(?:everything|all) else|(?:all )?the (?:rest|others?))\s+(?!of\b)\p{L}/iu', $text) === 1 ? 'rest' : null;
    }

    /** "Paint the base with mud": what the model stands on, and no first coat of it. */
    public static function ofTheBase(string $text): ?string
    {
        return preg_match('/\bpaint(?:s|ed|ing)?\s+(?:the|his|her|its|their)\s+base\s+(?:with|in)\b/iu', $text) === 1 ? 'base' : null;
    }

    /** What gets its light again in "brought the coats back up". */
    public static function broughtBack(string $text): ?string
    {
        return preg_match(
            '/\b(?:brings?|brought|bringing|built|build|work(?:ed)?|took|take)\s+(?:the|his|her|its|their)\s+([\p{L}-]+)\s+back up\b/iu',
            $text,
            $found,
        ) === 1
            && preg_match(self::NO_AREA, $found[1]) !== 1
            ? $found[1]
            : null;
    }

    /** A place on a face, where it is a face that is painted. */
    public static function isOfAFace(string $name): bool
    {
        return preg_match(
            '/^(?:cheeks?|cheekbones?|nose|brows?|forehead|chin|jaw|temples?|eye sockets?|lips?|ears?|knuckles)$/iu',
            trim($name),
        ) === 1;
    }

    /** Parts of what is painted at the moment, of whatever it may be. */
    public static function isPartOfAny(string $name): bool
    {
        return preg_match(
            '/^(?:toes?|toecaps?|knees?|elbows?|fingers?|fingertips|knuckles|hems?|brims?|cuffs?|seams?|ridges?|very top|points?)$/iu',
            trim($name),
        ) === 1;
    }

    /** What one turns to: "so I started with the coat", "on to the boots". */
    public static function turnedTo(string $text): ?string
    {
        $the = '(?:the|his|her|its|their)\s+(?:[\p{L}]+[\'’]s\s+)?'.self::NAME;
        foreach ([
            '/\b(?:start(?:ed|ing|s)?|beg[ai]n(?:ning|s)?|on to|mov(?:e|ed|ing)(?: on)?(?: to)?|turn(?:ed|ing)?(?: to)?|next(?: up)?|now(?: for)?)\b(?: with| on| for| is| are|,)?\s+'
                .$the.'\s*$/iu',
            '/^(?:first(?: up)?|next|then|last|lastly|finally|now),?\s+(?:(?:comes?|for)\s+)?'.$the.'\s*$/iu',
            '/\b(?:do|did|paint(?:ed)?|and|about|for)\s+'.$the.'\s*\?$/iu',
            '/\b(?:came|comes?)\s+'.$the.'\s*$/iu',
            '/^'.$the.'\s+(?:took|gave|needed|deserved|caused|came out)\b.*$/iu',
            '/\b(?:want(?:ed|s)?|need(?:ed|s)?|like(?:d)?)\s+'.$the.'\s+to\s+(?:look|be|feel|read|seem)\b.*$/iu',
            '/(?:^|:\s*)(?:the\s+)?([\p{L}-]{3,})\s+first$/iu',
            '/^'.$the.'\s+(?:i|we)\s+(?:left|kept|saved|did|painted)\b[^,]{0,20}$/iu',
            '/^(?:the\s+)?([\p{L}-]+(?:\s[\p{L}-]+)?)\s+(?:recipe|colou?rs?|scheme|paints)(?:,?\s+please)?\s*\?$/iu',
            '/\b'.$the.'\s+(?:came|comes?|is|are|was|were|went|goes)\s+(?:first|next|then|last)\s*$/iu',
        ] as $pattern) {
            if (preg_match($pattern, trim($text, " .!,\"“”'"), $found) === 1 && preg_match(self::NO_AREA, $found[1]) !== 1) {
                return $found[1];
            }
        }

        return null;
    }

    /** Said to the reader, of waiting, cleaning and patience: set aside on purpose. */
    public static function isAside(string $text): bool
    {
        return preg_match(self::ASIDES, trim($text)) === 1 || self::bare($text) === '';
    }

    /** The ground the model stands on, whatever is done to it. */
    public static function isGround(string $text): bool
    {
        return preg_match('/^(?:(?:the|his|her|its) (?:base|bases)|basing|base (?:and|&) rim|terrain|scenery)$/iu', trim($text)) === 1;
    }

    /** Without what tells nothing, at both ends. */
    public static function bare(string $text): string
    {
        $text = trim((string) preg_replace('/[\s.,:;()"“”\'!?-]+/u', ' ', $text));
        do {
            $before = $text;
            $text = trim((string) preg_replace(['/^(?:'.self::FILLERS.')\b\s*/iu', '/\s*\b(?:'.self::FILLERS.')$/iu'], '', $text));
        } while ($text !== $before);

        return $text;
    }

    /** The technique a paint is used by where it cannot be used as was said, or nothing was said. */
    public static function usualFor(Kind $kind): string
    {
        return match ($kind) {
            Kind::Wash => 'wash',
            Kind::OneCoat => 'one-coat',
            Kind::Ink => 'glaze',
            Kind::Varnish => 'matt-coat',
            Kind::Primer => 'primer',
            Kind::Pigment => 'pigments',
            Kind::Enamel => 'solvent-wash',
            Kind::Texture => 'texture-paste',
            Kind::Effect => 'effect',
            Kind::Chipping => 'chipping-fluid',
            default => 'basecoat',
        };
    }
}
