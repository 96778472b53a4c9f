<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

/**
 * The words by which pages of teaching resources give themselves away, British and American, and those of
 * OtherLanguages. Each pattern counts once on a page, however often it is found; headings count for more.
 */
final class RoleSigns
{
    private const CONTENTS =
        '/^\W*(table of contents|contents( page)?|what.?s (inside|included|in the (pack|box))|what is (inside|'.
        'included)|what you(.ll| will) find( inside| in here)?|'.
        '(what you will find )?in(side)? this (pack|book|booklet|unit|resource|bundle|download|packet|'.
        'kit)|index( of .*)?|list of (activities|lessons|worksheets|pages|contents)|page guide|at a glance|'.
        OtherLanguages::CONTENTS.
        ')\W*$/iu';

    private const KEY =
        '/[:–—-]\s*solution\W*$|'.
        '\b('.
        OtherLanguages::KEY.
        ')\W*$|^\W*('.
        OtherLanguages::KEY.
        ')\b(?=\W*\d|\s*[:–—-]|\s(de|du|des|del|della|der|zu|zum|zur|i|van|voor)\b)|'.
        '^\W*to (the|these) (questions|exercises?|tasks?|problems|activities|puzzles)\W*$|'.
        '\b(for|to) (self.?)?check(ing)?\W*$|\bcorrections\W*$|'.
        '^\W*(sample|model|suggested|possible|expected) responses\b|^\W*exemplars?\b|'.
        '\bcall(ing|er.?s?) (lists?|sheets?|cards?|boards?)\W*$|'.
        '^\W*(the )?(answers|answer ?keys?|answer guide|solutions?( key)?|key|mark(ing)? scheme|'.
        'marking (guide|guidance|notes)|'.
        'model answers?|suggested answers?|possible answers?|sample answers?|teacher.?s? (copy|version|edition|'.
        'answers?))\b|\b(answer ?keys?|answers|solutions|mark(ing)? scheme|teacher.?s? (copy|version|edition)|'.
        '\(key\)|[-–—:] key|(tests?|quiz(zes)?|assessments?|worksheets?|practice|review|homework|exam|check|ticket|'.
        'sheets?|page|lesson|unit|chapter|activity|week|day|set|puzzles?)( \w+)? key)\W*(continued|'.
        'cont\.?)?\W*(\d+)?\W*$/iu';

    /** A line that tells the student to do something with answers is not a title. */
    private const NOT_KEY =
        '/^\W*(\d+\W+)?(write|check|show|explain|record|circle|find|use|my|our|your|compare|mark(?!ing| ?scheme)|'.
        'put|give|choose|share|type|enter|copy|draw|tick)\b|\byour answers?\b|'.
        '\b'.
        OtherLanguages::OWN.
        '\W*$|^\W*(\d+\W+)?('.
        OtherLanguages::TASKS.
        ')\b|'.
        '^\W*(contents|included|inside|includes|what you get)\W*:|\b(with|and|plus|includ(es|ing)|&|'.
        '\+) (an? |the |full |all )?(answers?|answer ?keys?|solutions)\W*$/iu';

    private const ANSWERS_WITHIN = [
        '/\banswers? (may|will|can) (vary|differ)\b/iu',
        '/\b(sample|possible|suggested|model|example) (answers?|responses?)\b/iu',
        '/\baccept\b.{0,40}\b(any|other|also|answers?|similar)\b/iu',
        '/^\W*(accept|any (answer|sentence|reason|two|three|sensible|suitable))\b/imu',
        '/^\W*answers?\s*[:–-]\s*[\p{L}\p{N}]/imu',
        '/\[\d+ marks?\]/iu',
        '/\baward\b.{0,20}\bmarks?\b/iu',
    ];

    private const GUIDE_HEADING =
        '/\b((teacher|staff|educator|tutor|parent|adult|instructor|leader)s?.?s?.? (notes?|guide|guidance|pages?|'.
        'instructions|information|overview|tips|letter|directions)|(notes?|guidance|information|tips|directions|'.
        'instructions|a word|advice|letter) (for|to) (the )?(teachers?|staff|educators?|tutors?|parents?|famil(y|ies)|'.
        'carers?|guardians?|adults?|markers?|instructors?|leaders?|grown.?ups?)|'.
        'dear (teachers?|substitutes?|subs?|(cover|guest|supply) teachers?|colleagues?|'.
        'educators?|parents?|famil(y|ies)|carers?|guardians?|friends?)|'.
        'for (the )?(teachers?|staff|educators?|tutors?|parents?|famil(y|ies)|adults?|grown.?ups?|markers?)|'.
        'lesson plans?|how to use|(ideas|tips|suggestions) for us(e|ing)|ways to use|'.
        'using (this|these|the) (packs?|resources?|units?|books?|cards?|sheets?|pages?|activities|games?|puzzles?|'.
        'booklets?|kits?|sets?|posters?|worksheets?)|getting started|pacing( guide)?|unit overview|overview|'.
        'teaching (notes?|points|tips)|about this (unit|pack|lesson|resource|book|set|bundle)|'.
        OtherLanguages::GUIDE_HEADING.
        '|'.
        'planning(?! (pages?|sheets?|grids?|frames?|templates?)\b)|'.
        'how (I|we|you can) (use|mark|grade|score|run) (this|these|it|them)|'.
        'implementation|suggested (timeline|schedule)|materials list|learning (goals|objectives|'.
        'intentions)|objectives|standards|rubrics?|'.
        'scoring(?= ?(guide|criteria)?\W*$)|(marking|assessment) (grid|criteria)|'.
        '(day|week|month|term|unit|year)( \w+)? at a glance|scope and sequence|set-?up|'.
        '(class|group) (records?|lists?|registers?|check ?lists?)|'.
        '(class|student|pupil)s?.? (data|track(er|ing)|records?)|'.
        'prep(aration)? (notes|guide)|directions for (the )?teachers?)\b/iu';

    private const GUIDE = [
        '/\b(teachers?|educators?|staff)\b/iu',
        '/\b(students|pupils|learners)\b/iu',
        '/\b(students|pupils|learners|children) (who|rotate|record|finish|complete|use|write|share|read|choose|'.
        'place|take|get|glue|find|answer|discuss|swap|bring|sit|stand|learn|practi[cs]e|begin|start|turn|hand|keep|'.
        'collect|cut|work|play|solve|sort|try|go|come|test|guess|measure|count|explain)\b/iu',
        '/\b(objectives?|learning (goals?|intentions?|outcomes?)|success criteria)\b/iu',
        '/\bstandards?\b/iu',
        '/\bmaterials?\b/iu',
        '/\b(preparation|prep|prepare|laminat\w+|photocop\w+|print|card ?stock)\b/iu',
        '/\bdifferentiat/iu',
        '/\b(students|pupils|children|learners|the class|your class) (will|work|should|can|may|could|work|need|'.
        'might|have|are|to)\b/iu',
        '/\b(ask|tell|remind|show|give|invite|encourage|let|help|have|allow|explain to|take|hand out|walk|lead|pair|'.
        'group) (the |your )?(students|pupils|children|learners|class|them)\b/iu',
        '/\b(\d+|five|ten|fifteen|twenty|thirty|forty) ?(min|mins|minutes|lessons|periods)\b/iu',
        '/\b(early finishers|extension|extend|challenge)\b/iu',
        '/\b(scaffold\w*|support)\b/iu',
        '/\b(assessment|assess|checklist|rubric)\b/iu',
        '/\b(plenary|starters?|warm.?ups?)\b/iu',
        '/\b(whole.class|small groups?|in pairs)\b/iu',
        '/\bhow to use\b/iu',
        '/\b(curriculum|key stage|grade level|grades? \d|year \d)\b/iu',
        '/\b(before you start|short of time|in advance|after the lesson)\b/iu',
        '/\bwhat to look for\b/iu',
        '/\byour (class|students|pupils)\b/iu',
        '/\bcriteri(a|on)\b/iu',
        '/\b(beginning|emerging|developing|approaching)\b.*\b(secure|proficient|meets|expected|mastered|exceeding|'.
        'advanced|excellent)\b/isu',
        '/\bI (glue|use|copy|print|collect|keep|put|give|let|have|laminate|store|mark)\b/u',
        '/^\W*(aims?|main( activity| part| teaching)?|resources|key (vocabulary|questions)|differentiation)\W*$/imu',
    ];

    /** Who is told of and not spoken to. */
    private const TOLD_OF = '/\b(?:students|pupils|learners|children|the class)\b(?!.{0,3}[’\'])'.
        '(?=\s+(?:\p{Ll}+ly\s+)?\p{Ll})|\b(?:'.OtherLanguages::TOLD_OF.')\b/iu';

    private const PUZZLE_HEADING =
        '/\b(word ?search(es)?|cross ?words?|sudokus?|mazes?|(join|connect) the dots|dot.to.dot|colou?r(ing)? (by|in|'.
        'the|pages?|sheets?)|colou?ring|puzzles?|word (scrambles?|ladders?|wheels?|squares?)|code ?breakers?|'.
        'crack the code|spot the difference|bingo( cards?)?|dominoes|board game|'.
        'snakes and ladders|certificate|(hundred|hundreds|'.
        'number|multiplication|times ?tables?|addition) (squares?|grids?|charts?|lines?)|story maps?|mind maps?|'.
        'venn diagrams?|cut (and|&) (stick|paste|glue)|tracing|handwriting|flash ?cards?|'.
        'magic squares?|(record(ing)?|score|planning) sheets?|planning (pages?|grids?|frames?|templates?)|test record|'.
        'reading (log|record)|(word|letter|sound|number|shape) hunts?|roll (and|&) \p{L}+|spin (and|&) \p{L}+|'.
        'trace the \p{L}+|count (and|&) \p{L}+|colou?r by \p{L}+|i spy|write the room|noughts and crosses|'.
        'battleships|secret code|mystery (picture|word)|'.
        OtherLanguages::PUZZLE_HEADING.
        '|'.
        OtherLanguages::CARDS_HEADING.
        ')\b/iu';

    /** Each is another, and none the answer to another. */
    private const CARDS_HEADING = '/\b(bingo|dominoes|loop cards|flash ?cards|playing cards|game boards?|'.
        OtherLanguages::CARDS_HEADING.
        ')\b/iu';

    private const TERMS_HEADING =
        '/\b(terms( (of use|and conditions|& conditions))?|licen[cs]e|copyright|legal|permissions?|(thank you|'.
        'thanks) for (your purchase|purchasing|buying|downloading|your download).*|'.
        OtherLanguages::TERMS_HEADING.
        ')\b/iu';

    private const TERMS = [
        '/\bterms of (use|service)\b/iu',
        '/©|\bcopyright(ed)?\b|\ball rights reserved\b/iu',
        '/\blicen[cs]e[sd]?\b/iu',
        '/\bpermission\b/iu',
        '/\b(redistribut\w*|resell|resold|for sale|sold)\b/iu',
        '/\b(single|one) (classroom|teacher|user|class|school)\b/iu',
        '/\b(may|must|can|do) ?not\b/iu',
        '/\bnot be (shared|copied|posted|sold|uploaded|altered)\b/iu',
        '/\b(thank you for|by) (buying|purchas\w+|downloading|your purchase)\b/iu',
        '/\b(commercial|personal|classroom) use\b/iu',
        '/\b(web ?sites?|web pages?|online|internet|blog|server)\b/iu',
        '/\b(purchas\w+|bought|download(ed)?)\b/iu',
        '/\b(reproduc\w+|distribut\w+|duplicat\w+|copying|copies)\b/iu',
        '/\bshar(e|ing)\b.{0,20}\b(files?|resources?|packs?|products?|cop(y|ies)|links?|downloads?)\b/iu',
        '/\bas your own\b|\b(my|our|the) (store|shop)\b/iu',
        '/\b(forbidden|prohibited|illegal|not (permitted|allowed)|infring\w+)\b/iu',
    ];

    private const CREDITS_HEADING =
        '/\b(credits?|acknowledge?ments?|about the (authors?|makers?|creators?|artist)|meet the (author|maker|'.
        'creator)|clip ?art|fonts|image credits|picture credits|more (resources|packs)|you (might|may) also like|'.
        'connect with|stay in touch|follow)\b/iu';

    private const CREDITS = [
        '/\bclip ?art\b/iu',
        '/\bfonts?\b/iu',
        '/\b(illustrat\w+|drawn|drawings|graphics|images?|pictures|photo(s|graphs)?|borders|'.
        'backgrounds)\b.{0,30}\b(by|from|at)\b/iu',
        '/\bcredits?\b/iu',
        '/\b(follow|find) (me|us)\b/iu',
        '/\b(feedback|review|rating)\b/iu',
        '/\b(contact|e-?mail|write to|tell us|questions\?)\b/iu',
        '/\b(written|published|designed|created|made|set)\b.{0,20}\b(by|at|in)\b/iu',
        '/\b(other|more|also) .{0,20}(packs|resources|titles|series|products|units)\b/iu',
        '/\b(https?:|www\.|\.(com|org|net|example)\b)/iu',
        '/@/u',
        '/\bthank(s| you)\b/iu',
    ];

    private const NAME_LINE =
        '/^\W*(?:(my )?(?:name|nombre|nom|nome|naam|enw|'.OtherLanguages::NAME.')\b\W*(:|_|\.{3}|…|date|class|$)|'.
        '((our |my )?(team|group|partners?|names))\b\W*_{3})/imu';

    private const TASKS =
        '/(?:^|[.!?:;]\s)\W*(?:\(?\d{1,2}[.):]?\s+|\(?[a-h][.)]\s+)?(write|draw|circle|fill|label|explain|choose|'.
        'read|complete|find|match|sort|'.
        'list(?! \d)|describe|show|colou?r|underline|tick|check|cut|calculate|work out|solve|'.
        'use|answer|look|imagine|compare|add|shade|name|tell|think|copy|put|measure|trace|say|make|give|mark|'.
        'join|plot|round|convert|rewrite|correct|predict|identify|highlight|estimate|simplify|sketch|'.
        'decide|build|count|finish|spell|edit|pick|discuss|design|build|present|prepare|invent|'.
        'create|cross|trim|glue|stick|fold|give|list(?! \d)|'.
        // A line may go on with these in small letters.
        '(?-i:(?=\p{Lu}))(what|why|how|which|when|who|where|did|does|do|is|are|can)|'.
        '(number|order|test|set|plan|record)(?= (the|an?|these|them|each|every|all|your|this|'.
        'that|some|any|in|on|from|'.
        'what|how|out|up|two|three)\b)|'.
        OtherLanguages::TASKS.
        ')\b/imu';

    private const STUDENT_HEADING =
        '/^\W*(your|my|our) (tasks?|turn|plan|work|job|mission|challenge|notes|ideas?|speech|report|story|project|'.
        'results?|questions?|design|map|poem|letter|diary|journal|words|review|thoughts|opinion|book report)\b|'.
        '^\W*('.
        OtherLanguages::STUDENT_HEADING.
        ')\b/iu';

    /** What is on the page, or on the one behind it, is put in order. */
    private const TO_SORT =
        '/(?:^|[.!?:;]\s)\W*(?:\d{1,2}[.):]\s*)?'.
        '(sort|cut|glue|stick|paste|put|place|match|order|arrange|group|'.
        OtherLanguages::TO_SORT.
        ')\b/imu';

    /** Words are joined by lines. */
    private const TO_JOIN =
        '/(?:^|[.!?:;]\s)\W*(?:(?:\d{1,2}|[A-Za-z])[.):]\s*)?(?:match|join|connect|link|'.
        'draw (?:an? |straight )?lines?\b(?=.* (?:to|from|between|each)\b)|'.
        OtherLanguages::TO_JOIN.
        ')\b/imu';

    /** But not where letters are written, or pieces are moved. */
    private const NOT_TO_JOIN =
        '/\b(?:write|writing|letters?|cut|glue|stick|paste|number(?:s|ed)? in|on the line)\b/iu';

    private const TO_STUDENT =
        '/\b(in your own words|your (own|answers?|partner|group|team|thinking|reasoning|work|drawing|'.
        'idea|opinion|teacher|book|'.
        'notebook)|you (think|know|notice|see|learned|learnt|found|need|will|have)|'.
        OtherLanguages::TO_STUDENT.
        ')\b/iu';

    private const LEFT_BLANK =
        '/\bleft (intentionally )?(blank|empty)\b|\b(intentionally|deliberately|purposely) (left )?(blank|empty)\b|'.
        '\b('.
        OtherLanguages::LEFT_BLANK.
        ')\b/iu';

    private const ITEMS = '/^\W*(?:\(?\d{1,2}[.):]|\(?[a-h][.)])(?:\s|$)/imu';

    private const GAPS = '/_{3,}|\.{6,}|…{2,}/u';

    /** How many boxes are ticked or crossed, or ticks stand by themselves. */
    public static function ticks(string $text): int
    {
        return (int) preg_match_all('/[☑☒✓✔✗✘🗹🗸]/u', $text);
    }

    public static function isContentsHeading(string $line): bool
    {
        return preg_match(self::CONTENTS, $line) === 1;
    }

    public static function isKeyHeading(string $line): bool
    {
        return preg_match(self::KEY, $line) === 1 && preg_match(self::NOT_KEY, $line) !== 1;
    }

    public static function isGuideHeading(string $line): bool
    {
        return preg_match(self::GUIDE_HEADING, $line) === 1;
    }

    /** What is done on a page that may say nothing but its name. */
    public static function isPuzzleHeading(string $line): bool
    {
        return preg_match(self::PUZZLE_HEADING, $line) === 1;
    }

    public static function isStudentHeading(string $line): bool
    {
        return preg_match(self::STUDENT_HEADING, $line) === 1;
    }

    public static function isCardsHeading(string $line): bool
    {
        return preg_match(self::CARDS_HEADING, $line) === 1;
    }

    public static function isTermsHeading(string $line): bool
    {
        return preg_match(self::TERMS_HEADING, $line) === 1;
    }

    public static function isCreditsHeading(string $line): bool
    {
        return preg_match(self::CREDITS_HEADING, $line) === 1;
    }

    public static function answersWithin(string $text): int
    {
        return self::hits(self::ANSWERS_WITHIN, $text);
    }

    public static function guide(string $text): int
    {
        return self::hits(self::GUIDE, $text) + self::wordsOf(OtherLanguages::GUIDE, $text);
    }

    public static function terms(string $text): int
    {
        return self::hits(self::TERMS, $text) + self::wordsOf(OtherLanguages::TERMS, $text);
    }

    public static function credits(string $text): int
    {
        return self::hits(self::CREDITS, $text);
    }

    public static function hasNameLine(string $text): bool
    {
        return preg_match(self::NAME_LINE, $text) === 1;
    }

    public static function withoutNameLines(string $text): string
    {
        return implode("\n", array_filter(explode("\n", $text), fn (string $line): bool => ! self::hasNameLine($line)));
    }

    /** Whether it asks for anything, or has a place for it. */
    public static function asks(string $text): bool
    {
        return str_contains($text, '?') ||
            self::hasNameLine($text) ||
            self::gaps($text) > 0 ||
            self::tasks($text) > 0;
    }

    /** Whether it has more letters than are read into dust and strokes of pens. */
    public static function isWord(string $text): bool
    {
        return preg_match('/\p{L}{4}/u', $text) === 1;
    }

    /** Lines that ask for something. */
    public static function tasks(string $text): int
    {
        return (int) preg_match_all(self::TASKS, $text);
    }

    public static function speaksToStudent(string $text): bool
    {
        return preg_match(self::TO_STUDENT, $text) === 1;
    }

    public static function asksToSort(string $text): bool
    {
        return preg_match(self::TO_SORT, $text) === 1;
    }

    /** Whether what stands on one side is to be joined to what stands on the other, by lines. */
    public static function asksToJoin(string $text): bool
    {
        return preg_match(self::TO_JOIN, $text) === 1 && preg_match(self::NOT_TO_JOIN, $text) !== 1;
    }

    /** How often students are told of, as one does to their teacher. */
    public static function tellsOfStudents(string $text): int
    {
        return (int) preg_match_all(self::TOLD_OF, $text);
    }

    /** Numbered or lettered lines. */
    public static function items(string $text): int
    {
        return (int) preg_match_all(self::ITEMS, $text);
    }

    /** Whole sentences, several of them. */
    public static function isText(string $text): bool
    {
        return self::sentences($text) >= 4 && preg_match_all('/[\p{L}\p{N}]+/u', $text) >= 50;
    }

    /** How many whole sentences it has. */
    public static function sentences(string $text): int
    {
        return (int) preg_match_all('/\p{Ll}[.!?][”"’\')]?(?=\s|$)/u', $text);
    }

    /** "Source 2", "Extract B: the storm". */
    public static function isTextHeading(string $line): bool
    {
        return preg_match(
            '/^\W*(?i:source|passage|extract|excerpt|article|reading)\s+(\d{1,2}|[A-Z]|[IVX]+)\b/u',
            $line,
        ) === 1;
    }

    /** Whether it is filled in by whoever made it: "Name __KEY__". */
    public static function isSignedKey(string $text): bool
    {
        return preg_match(
            '/(?:\bname\b\W*|_\s*)(?:answer )?(?:key|answers)\s*(?:_|$|(?:date|class|score|period)\b)/imu',
            $text,
        ) === 1;
    }

    /** Numbered answers in one line: "1. 65 2. cat 3. varies". */
    public static function inlineItems(string $text): int
    {
        return (int) preg_match_all('/(?<=\S)[ \t]+\(?\d{1,2}[.):][ \t]+\S/u', $text);
    }

    public static function gaps(string $text): int
    {
        return (int) preg_match_all(self::GAPS, $text);
    }

    /** Whether it has words to choose from. */
    public static function hasWordBank(string $text): bool
    {
        return preg_match('/\b(word ?bank|word ?box|word ?list|'.OtherLanguages::WORD_BANK.')\b/iu', $text) === 1;
    }

    public static function isLeftBlank(string $text): bool
    {
        return preg_match(self::LEFT_BLANK, $text) === 1;
    }

    /** @param  list<string>  $parts  as OtherLanguages has them */
    private static function wordsOf(array $parts, string $text): int
    {
        return self::hits(array_map(fn (string $part): string => "/\\b({$part})\\b/iu", $parts), $text);
    }

    /** @param  list<string>  $patterns */
    private static function hits(array $patterns, string $text): int
    {
        return count(array_filter($patterns, fn (string $pattern): bool => preg_match($pattern, $text) === 1));
    }
}
