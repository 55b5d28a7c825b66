package potmellow.core.strength;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Cursor;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Spelling;
import potmellow.core.measure.Token;

/**
 * The grammar of strengths, over the pieces of what was said:
 *
 * <pre>
 * saying   = one { ("then" | ">") one }
 * one      = neat | percent | ppm | times | parts | amounts | number
 * parts    = part (":" | "to" | "in" | "/") part [which "to" which]
 * amounts  = amount (per | to | in | "made up to") amount
 * </pre>
 *
 * Words that say nothing about strength ("about", "of juice", "for soil") are passed over; at any other word it stops, and says so.
 */
final class StrengthGrammar {
    private static final double MOST_WATER = 100_000;
    /** Readings nearer than this are one. */
    private static final double SAME = 0.02;
    /** From so many parts of water on, "to" and "in" are the same within that. */
    private static final double PARTS_ALIKE = 50;

    private static final String SAY = "Say it as 1:500, neat, 0.2 %, 20 mL per 10 L, or 2 tbsp per gallon.";
    private static final String[] BREW =
            ("juice brew tea serum culture concentrate feed liquid fertilizer fertiliser extract fpj labs lab "
                            + "stuff product")
                    .split(" ");
    private static final String[] SAYS_NOTHING =
            ("of the about around approximately approx roughly ca circa ~ use dilute diluted dilution at mix "
                            + "mixed add added put ratio rate strength i we usually say so part parts = ( ) solution please its "
                            + "it is by volume my just only")
                    .split(" ");
    private static final String[] PER = {"per", "each", "every", "/", "for", "a", "an"};
    private static final String[] TO = {"to", "into", "with", "plus", "+", ":", "on"};
    private static final String[] AGAIN = {"then", ">", ";"};

    private final String name;
    private final String given;
    private final Cursor cursor;
    private final Set<String> notes = new LinkedHashSet<>();
    private final List<String> others = new ArrayList<>();
    private final SaidAmounts amounts;
    private final HomeSizes sizes;

    StrengthGrammar(String name, String given, List<Token> tokens, HomeSizes sizes) {
        this.name = name;
        this.given = given;
        this.cursor = new Cursor(tokens);
        this.sizes = sizes;
        this.amounts = new SaidAmounts(cursor, tokens, this::unreadable, sizes);
    }

    Saying saying() {
        pass();
        double water = one();
        pass();
        if (cursor.take("to", "-", "or")) {
            throw ambiguous(List.of(Ratio.oneTo(water).text(), within(one()).text()));
        }
        while (again()) {
            pass();
            water = (water + 1) * (one() + 1) - 1;
            pass();
        }
        trailer();
        if (!cursor.atEnd()) {
            throw stopped();
        }
        Ratio ratio = within(water);
        String how = ratio.text() + (notes.isEmpty() ? "" : ", " + String.join(", ", notes));
        return new Saying(ratio, how, others);
    }

    private boolean again() {
        int here = cursor.position();
        cursor.take(",");
        cursor.take("and");
        if (cursor.take(AGAIN) || cursor.take("again")) {
            cursor.take("again");
            return true;
        }
        cursor.back(here);
        return false;
    }

    private void pass() {
        int here;
        do {
            here = cursor.position();
            cursor.skip(SAYS_NOTHING);
            cursor.skip(",");
            boolean article = cursor.sees("a", "an")
                    && cursor.peek(1)
                            .filter(next -> next.isNumber() || next.is(SAYS_NOTHING))
                            .isPresent();
            if (article) {
                cursor.take("a", "an");
            }
        } while (cursor.position() > here);
    }

    /** "for soil", "on leaves", "please": words behind a whole strength that don't change it. */
    private void trailer() {
        if (cursor.sees("for", "on")) {
            cursor.take("for", "on");
            while (!cursor.atEnd() && !cursor.seesNumber()) {
                cursor.back(cursor.position() + 1);
            }
        }
        cursor.skip(SAYS_NOTHING);
        cursor.skip(BREW);
        cursor.skip(".", ",");
    }

    private double one() {
        if (cursor.take("neat", "undiluted", "straight", "pure")) {
            return 0;
        }
        int here = cursor.position();
        if (halves()) {
            return 1;
        }
        cursor.back(here);
        Optional<SaidAmount> brew = amounts.next();
        if (brew.isEmpty()) {
            throw stopped();
        }
        return brew.get().volume().isPresent()
                ? amounts(brew.get())
                : numbers(brew.get().count());
    }

    /** "half and half", "50/50". */
    private boolean halves() {
        if (cursor.takeAll("equal", "parts") || cursor.takeAll("half", "half")) {
            return true;
        }
        Optional<Double> first = number();
        if (first.isEmpty() || first.get() != 0.5 && first.get() != 50) {
            return false;
        }
        boolean joined = first.get() == 0.5 ? cursor.take("and") : cursor.take("/", "-", ":");
        return joined && number().filter(first.get()::equals).isPresent();
    }

    private Optional<Double> number() {
        return cursor.peek(0).filter(Token::isNumber).map(token -> {
            cursor.back(cursor.position() + 1);
            return token.value();
        });
    }

    /** What begins with a bare number: percent, ppm, times, parts, or the water to one part. */
    private double numbers(double first) {
        if (cursor.take("%", "percent", "pct") || cursor.takeAll("per", "cent")) {
            cursor.take("v");
            cursor.take("/");
            cursor.take("v");
            return fromShare(first / 100);
        }
        if (cursor.take("ppm") || cursor.takeAll("parts", "per", "million")) {
            return fromShare(first / 1_000_000);
        }
        if (cursor.take("times", "x", "fold")) {
            return times(first);
        }
        cursor.take("part", "parts");
        boolean waterFirst = label().equals("water");
        Optional<String> separator = separator();
        if (separator.isEmpty()) {
            return first;
        }
        cursor.skip("the", "about", "each", "every");
        int here = cursor.position();
        Optional<Double> second = partNumber();
        if (second.isEmpty()) {
            cursor.back(here);
            throw stopped();
        }
        cursor.take("part", "parts");
        waterFirst = which() || waterFirst;
        String secondLabel = label();
        if (range(separator.get(), first, second.get())) {
            throw ambiguous(List.of("1:" + plain(first), "1:" + plain(second.get())));
        }
        return parts(first, separator.get(), second.get(), waterFirst, secondLabel);
    }

    private Optional<Double> partNumber() {
        if (cursor.take("a", "an")) {
            return Optional.of(1.0);
        }
        return number();
    }

    /** "water" or "brew" where a part is named; empty where it isn't. */
    private String label() {
        int here = cursor.position();
        cursor.skip("of");
        if (cursor.take("water")) {
            return "water";
        }
        if (cursor.take(BREW)) {
            return "brew";
        }
        cursor.back(here);
        return "";
    }

    /** "water to juice" behind "10:1": whether the water stands first. */
    private boolean which() {
        int here = cursor.position();
        if (cursor.take("water") && cursor.take("to", ":", "/") && cursor.take(BREW)) {
            return true;
        }
        cursor.back(here);
        if (cursor.take(BREW) && cursor.take("to", ":", "/") && cursor.take("water")) {
            notes.add("brew first");
            return false;
        }
        cursor.back(here);
        return false;
    }

    private Optional<String> separator() {
        int here = cursor.position();
        for (String word : new String[] {":", "to", "in", "/", "into", "-"}) {
            if (cursor.take(word)) {
                return Optional.of(word);
            }
        }
        cursor.back(here);
        return Optional.empty();
    }

    /** "500 to 1000" is two strengths, not one. */
    private static boolean range(String separator, double first, double second) {
        return (separator.equals("to") || separator.equals("-")) && first >= 20 && second >= 20;
    }

    private double parts(double first, String separator, double second, boolean waterFirst, String secondLabel) {
        if (!(first > 0 && second >= 0)) {
            throw unreadable();
        }
        if (waterFirst) {
            return first / atLeastSome(second);
        }
        if (notes.contains("brew first") || secondLabel.equals("water")) {
            return second / first;
        }
        if (separator.equals("in")) {
            notes.add("made up to");
            return second / first - 1;
        }
        if (first <= 1 || second >= first) {
            return second / first;
        }
        if (second == 1 || second == 0) {
            notes.add("the larger number is the water");
            return first / atLeastSome(second);
        }
        throw ambiguous(List.of(
                plain(first) + " parts brew to " + plain(second) + " parts water",
                plain(first) + " parts water to " + plain(second) + " parts brew"));
    }

    private double atLeastSome(double parts) {
        if (!(parts > 0)) {
            throw unreadable();
        }
        return parts;
    }

    /** "500 times": one in so many, or one to so many; the same from about fifty on. */
    private double times(double n) {
        if (n < PARTS_ALIKE) {
            throw ambiguous(List.of("1 in " + plain(n), "1:" + plain(n)));
        }
        notes.add("one part to " + plain(n));
        return n;
    }

    private double fromShare(double share) {
        if (!(share > 0 && share <= 1)) {
            throw unreadable();
        }
        return 1 / share - 1;
    }

    /** An amount of brew in an amount of water. */
    private double amounts(SaidAmount brew) {
        Optional<SaidAmount> upper = brew.upper();
        label();
        boolean madeUp = madeUp();
        boolean in = !madeUp && cursor.take("in");
        if (!madeUp && !in) {
            int here = cursor.position();
            if (!cursor.take(PER) && !cursor.take(TO)) {
                cursor.back(here);
                throw stopped();
            }
        }
        cursor.skip("every", "each", "the", "of", "a", "an", "in", "total", "about", "with");
        SaidAmount water =
                amounts.next().filter(amount -> amount.volume().isPresent()).orElseThrow(this::stopped);
        boolean named = label().equals("water");
        if (!madeUp && !in && madeUp()) {
            throw stopped();
        }
        double litres = water.volume().get().millilitres();
        if (upper.isPresent()) {
            throw ambiguous(List.of(
                    "1:" + plain(litres / brew.volume().get().millilitres()),
                    "1:" + plain(litres / upper.get().volume().get().millilitres())));
        }
        double ratio = litres / brew.volume().get().millilitres();
        notes.addAll(amounts.notes());
        offerTheOtherKitchen(brew, water);
        if (madeUp) {
            notes.add("made up to");
            return ratio - 1;
        }
        if (in && !named && ratio > 0 && 1 / ratio > SAME) {
            throw ambiguous(List.of(brew.text() + " to " + water.text(), brew.text() + " made up to " + water.text()));
        }
        return ratio;
    }

    /** A gallon that nobody told whose is read as the US one, which is said; the other is offered where that is another strength. */
    private void offerTheOtherKitchen(SaidAmount brew, SaidAmount water) {
        if (!brew.whoseGallon() && !water.whoseGallon()) {
            return;
        }
        String other = brew.imperialText() + " per " + water.imperialText().replaceFirst("^1 ", "");
        double here = water.volume().get().millilitres() / brew.volume().get().millilitres();
        double there = StrengthReader.said(name, other, sizes).ratio().water();
        if (Math.abs(there / here - 1) > SAME) {
            others.add(other);
        }
    }

    private boolean madeUp() {
        int here = cursor.position();
        cursor.take(",");
        cursor.take("and");
        if (cursor.take("made", "topped", "filled", "fill", "make", "top", "brought")
                && cursor.take("up")
                && cursor.take("to", "with")) {
            return true;
        }
        cursor.back(here);
        return false;
    }

    private Ratio within(double water) {
        if (!(water >= 0 && water <= MOST_WATER)) {
            throw InvalidInput.outOfRange(name, given, "neat", "1:100000", 0, MOST_WATER, "parts of water");
        }
        return Ratio.oneTo(water);
    }

    private static String plain(double number) {
        return AmountText.number(number, number >= 100 ? 0 : 2);
    }

    private InvalidInput ambiguous(List<String> readings) {
        return InvalidInput.ambiguous(name, given, readings);
    }

    private InvalidInput stopped() {
        String rest = cursor.rest();
        String word = rest.contains(" ") ? rest.substring(0, rest.indexOf(' ')) : rest;
        boolean partly = cursor.position() > 0 && !word.isEmpty() && Character.isLetter(word.charAt(0));
        String near =
                Spelling.nearest(word).map(known -> "; “" + known + "” is").orElse("");
        return InvalidInput.unreadable(
                name, given, (partly ? "“" + word + "” is not known here" + near + ". " : "") + SAY);
    }

    private InvalidInput unreadable() {
        return InvalidInput.unreadable(name, given, SAY);
    }
}
