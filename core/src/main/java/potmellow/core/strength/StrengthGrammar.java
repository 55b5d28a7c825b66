package potmellow.core.strength;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Cursor;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.MassUnit;
import potmellow.core.measure.MeasureUnit;
import potmellow.core.measure.Spelling;
import potmellow.core.measure.Spelling.Spelt;
import potmellow.core.measure.Token;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;

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
    /** Pints, quarts and gallons of one kitchen stand in the same relation in the other. */
    private static final Pattern SHARED_KITCHEN = Pattern.compile("gal|pint|\\bpt|quart|\\bqt");

    private static final String[] AGAIN = {"then", ">", ";"};

    private final String name;
    private final String given;
    private final Cursor cursor;
    private final Set<String> notes = new LinkedHashSet<>();
    private final List<String> others = new ArrayList<>();
    private final boolean imperial;
    private final boolean gallons;
    private boolean bareGallon;

    StrengthGrammar(String name, String given, List<Token> tokens) {
        this.name = name;
        this.given = given;
        this.cursor = new Cursor(tokens);
        this.imperial = tokens.stream().anyMatch(token -> token.is("imp", "imperial", "uk", "british"));
        this.gallons = tokens.stream()
                .anyMatch(token -> token.is(
                        "gal", "gals", "gallon", "gallons", "quart", "quarts", "qt", "qts", "pint", "pints", "pt", "oz",
                        "ounce", "ounces", "floz"));
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
        Optional<Amount> brew = amount();
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
    private double amounts(Amount brew) {
        Optional<Amount> upper = brew.upper();
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
        Amount water = amount().filter(amount -> amount.volume().isPresent()).orElseThrow(this::stopped);
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
        offerTheOtherGallon(brew, water);
        if (madeUp) {
            notes.add("made up to");
            return ratio - 1;
        }
        if (in && !named && ratio > 0 && 1 / ratio > SAME) {
            throw ambiguous(List.of(brew.text() + " to " + water.text(), brew.text() + " made up to " + water.text()));
        }
        return ratio;
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

    /**
     * An amount: "two tablespoons", "1.5 mL + 7 drops", "a gallon", "gallon"; a number alone where no unit follows. A range of
     * amounts, "1 to 2 tbsp", keeps its upper end.
     */
    private Optional<Amount> amount() {
        cursor.skip("the", "about", "of", "~");
        int here = cursor.position();
        Optional<Double> count = cursor.number(false);
        if (count.isEmpty()) {
            cursor.take("a", "an");
            Optional<Spelt> unit = Spelling.unit(cursor);
            if (unit.isEmpty()) {
                cursor.back(here);
                return Optional.empty();
            }
            return Optional.of(measured(1, unit.get(), Optional.empty()));
        }
        int behind = cursor.position();
        if (cursor.take("to", "-", "or")) {
            Optional<Double> more = cursor.number();
            Optional<Spelt> unit = more.isPresent() ? Spelling.unit(cursor) : Optional.empty();
            if (unit.filter(spelt -> spelt.unit() instanceof VolumeUnit || spelt.unit() == MassUnit.OUNCE)
                            .isPresent()
                    && cursor.peek(0).isPresent()) {
                Amount upper = measured(more.get(), unit.get(), Optional.empty());
                return Optional.of(measured(count.get(), unit.get(), Optional.of(upper)));
            }
            cursor.back(behind);
        }
        Optional<Spelt> unit = Spelling.unit(cursor);
        if (unit.isEmpty()) {
            return Optional.of(new Amount(count.get(), Optional.empty(), "", Optional.empty()));
        }
        Amount amount = measured(count.get(), unit.get(), Optional.empty());
        int end = cursor.position();
        if (cursor.take("+", "and")) {
            Optional<Double> more = cursor.number();
            Optional<Spelt> small = more.isPresent() ? Spelling.unit(cursor) : Optional.empty();
            if (small.isPresent()) {
                Amount rest = measured(more.get(), small.get(), Optional.empty());
                return Optional.of(new Amount(
                        amount.count(),
                        Optional.of(Volume.ofMillilitres(amount.volume().get().millilitres()
                                + rest.volume().get().millilitres())),
                        amount.text() + " + " + rest.text(),
                        Optional.empty()));
            }
            cursor.back(end);
        }
        return Optional.of(amount);
    }

    private Amount measured(double count, Spelt spelt, Optional<Amount> upper) {
        if (!(count > 0)) {
            throw unreadable();
        }
        MeasureUnit unit = kitchen(spelt);
        if (!(unit instanceof VolumeUnit volume)) {
            throw unreadable();
        }
        return new Amount(count, Optional.of(Volume.of(count, volume)), plain(count) + " " + spelt.spelling(), upper);
    }

    /** Whose spoon, ounce and gallon it is: in one saying they come from one kitchen. */
    private MeasureUnit kitchen(Spelt spelt) {
        MeasureUnit unit = spelt.unit() == MassUnit.OUNCE ? VolumeUnit.US_FLUID_OUNCE : spelt.unit();
        if (!(unit instanceof VolumeUnit volume)) {
            return unit;
        }
        return switch (volume) {
            case US_TEASPOON -> gallons && !imperial ? volume : VolumeUnit.METRIC_TEASPOON;
            case US_TABLESPOON -> gallons && !imperial ? volume : VolumeUnit.METRIC_TABLESPOON;
            case US_CUP -> gallons && !imperial ? volume : VolumeUnit.METRIC_CUP;
            case US_FLUID_OUNCE -> told(volume, VolumeUnit.IMPERIAL_FLUID_OUNCE, spelt);
            case US_PINT -> told(volume, VolumeUnit.IMPERIAL_PINT, spelt);
            case US_QUART -> told(volume, VolumeUnit.IMPERIAL_QUART, spelt);
            case US_GALLON -> told(volume, VolumeUnit.IMPERIAL_GALLON, spelt);
            case DROP -> {
                notes.add("a drop is 0.05 mL");
                yield volume;
            }
            default -> volume;
        };
    }

    private VolumeUnit told(VolumeUnit us, VolumeUnit imp, Spelt spelt) {
        boolean uk = imperial && spelt.bare();
        if (us == VolumeUnit.US_GALLON) {
            notes.add(uk ? "imperial gallon" : "US gallon");
            bareGallon = spelt.bare();
        }
        return uk ? imp : us;
    }

    /** A gallon that nobody told whose: it is read as the US one, which is said, and the other is offered where it differs. */
    private void offerTheOtherGallon(Amount brew, Amount water) {
        boolean sameKitchen = SHARED_KITCHEN.matcher(brew.text()).find();
        if (bareGallon && !imperial && !sameKitchen) {
            others.add(brew.text() + " per "
                    + water.text().replaceFirst("^1 ", "").replaceAll("gal(?:lon)?s?", "imperial gallon"));
        }
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

    private static final String SAY = "Say it as 1:500, neat, 0.2 %, 20 mL per 10 L, or 2 tbsp per gallon.";

    /**
     * An amount in a saying.
     *
     * @param count the number
     * @param volume it with its unit; empty for a number alone
     * @param text it as it can be said again
     * @param upper the other end, where it is a range
     */
    private record Amount(double count, Optional<Volume> volume, String text, Optional<Amount> upper) {}
}
