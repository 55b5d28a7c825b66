package potmellow.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * Reads amounts as people type them: "640", "640 g", "1.4kg", "1,5 L", "2 ½ cups", "3/4 gal", "33 lb 1.1 oz", "1.5 mL + 7 drops",
 * "two capfuls". A bare number is in the unit that the garden measures in. Every method throws {@link InvalidInput} for text it can't
 * read, a number that could be two, or a value outside the range; {@code name} begins that sentence, as in "The plant in hand".
 */
public final class AmountReader {
    private static final int LONGEST = 60;

    private final UnitSystem system;
    private final HomeSizes sizes;

    /** @param sizes the units of the garden, and how large its own measures are */
    public AmountReader(HomeSizes sizes) {
        this.system = sizes.system();
        this.sizes = sizes;
    }

    /** Reads where nobody has said how large a capful is. */
    public AmountReader(UnitSystem system) {
        this(HomeSizes.none(system));
    }

    /** Reads a mass. */
    public Mass mass(String name, String text, Mass least, Mass most) {
        return Mass.ofGrams(read(massRange(name, least, most), text, system.mass(), MassUnit.class));
    }

    private Range massRange(String name, Mass least, Mass most) {
        DoubleFunction<String> words = grams -> AmountText.mass(Mass.ofGrams(grams), system);
        return new Range(name, "weight", example("640 g", "22 oz"), least.grams(), most.grams(), "g", words);
    }

    /** Reads a volume; a bare number is in mL or US fluid ounces. */
    public Volume smallVolume(String name, String text, Volume least, Volume most) {
        return volume(name, text, least, most, system.smallVolume(), example("620 mL", "20 fl oz"));
    }

    /** Reads a volume; a bare number is in litres or US gallons. */
    public Volume largeVolume(String name, String text, Volume least, Volume most) {
        return volume(name, text, least, most, system.largeVolume(), example("9 L", "2 gal"));
    }

    /**
     * Reads a weight or a volume, whichever the unit says.
     *
     * @param weighed whether a bare number is a weight
     */
    public Quantity quantity(String name, String text, boolean weighed) {
        return quantity(name, text, weighed, Quantity.LEAST, Quantity.MOST);
    }

    /** Reads a weight or a volume between a least and a most, in g or mL. */
    public Quantity quantity(String name, String text, boolean weighed, double least, double most) {
        boolean mass = terms(massRange(name, Mass.ofGrams(least), Mass.ofGrams(most)), text)
                .get(0)
                .weighs()
                .orElse(weighed);
        return mass
                ? mass(name, text, Mass.ofGrams(least), Mass.ofGrams(most))
                : smallVolume(name, text, Volume.ofMillilitres(least), Volume.ofMillilitres(most));
    }

    /**
     * Reads an amount of something that may also be counted: "500 g", "2 bunches", "a bulb of garlic", "3 bananas".
     *
     * @param counts what is counted of it; may be empty
     * @param weighed whether a bare number is a weight
     */
    public Quantity counted(
            String name, String text, List<Counting> counts, boolean weighed, double least, double most) {
        Range range = massRange(name, Mass.ofGrams(least), Mass.ofGrams(most));
        Cursor cursor = cursor(range, text);
        Optional<Double> count =
                cursor.number().or(() -> cursor.take("a", "an", "one") ? Optional.of(1.0) : Optional.empty());
        String rest = cursor.rest();
        Optional<Counting> pieces =
                counts.stream().filter(counting -> counting.names(rest)).findFirst();
        if (count.isEmpty() || pieces.isEmpty() || Spelling.unit(cursor).isPresent()) {
            return quantity(name, text, weighed, least, most);
        }
        Mass mass = Mass.ofGrams(count.get() * pieces.get().gramsOfOne());
        range.require(mass.grams(), text.strip());
        return mass;
    }

    /** Reads a ground area. */
    public Area area(String name, String text, Area least, Area most) {
        DoubleFunction<String> words = metres -> AmountText.area(Area.ofSquareMetres(metres), system);
        Range range = new Range(
                name, "area", example("10 m²", "100 ft²"), least.squareMetres(), most.squareMetres(), "m²", words);
        return Area.ofSquareMetres(read(range, text, system.area(), AreaUnit.class));
    }

    /** Reads a temperature; a bare number is in °C, or °F in a garden that measures in US units. */
    public Temperature temperature(String name, String text, Temperature least, Temperature most) {
        DoubleFunction<String> words = celsius -> AmountText.temperature(Temperature.ofCelsius(celsius), system);
        Range range = new Range(
                name, "temperature", example("19.5 °C", "67 °F"), least.celsius(), most.celsius(), "°C", words);
        Cursor cursor = cursor(range, text);
        double count = signed(range, cursor, text);
        boolean fahrenheit = system == UnitSystem.US;
        if (!cursor.take("°") && cursor.sees("°c", "°f", "c", "f", "celsius", "fahrenheit")
                || cursor.sees("c", "f", "celsius", "fahrenheit")) {
            fahrenheit = cursor.sees("°f", "f", "fahrenheit");
            cursor.take("°c", "°f", "c", "f", "celsius", "fahrenheit");
        }
        if (!cursor.atEnd()) {
            throw range.unreadable(text, cursor);
        }
        range.require(fahrenheit ? (count - 32) / 1.8 : count, AmountText.number(count) + (fahrenheit ? " °F" : " °C"));
        return Temperature.ofCelsius(fahrenheit ? (count - 32) / 1.8 : count);
    }

    /** Reads a number without a unit. */
    public double number(String name, String text, double least, double most) {
        Range range = new Range(name, "number", AmountText.number(least), least, most, "", AmountText::number);
        Cursor cursor = cursor(range, text);
        double count = signed(range, cursor, text);
        if (!cursor.atEnd()) {
            throw range.unreadable(text, cursor);
        }
        range.require(count, AmountText.number(count));
        return count;
    }

    private Volume volume(String name, String text, Volume least, Volume most, VolumeUnit bare, String example) {
        DoubleFunction<String> words = millilitres -> AmountText.volume(Volume.ofMillilitres(millilitres), system);
        Range range = new Range(name, "volume", example, least.millilitres(), most.millilitres(), "mL", words);
        return Volume.ofMillilitres(read(range, text, bare, VolumeUnit.class));
    }

    private double read(Range range, String text, MeasureUnit bare, Class<? extends MeasureUnit> kind) {
        List<Term> terms = terms(range, text);
        double value = 0;
        for (Term term : terms) {
            if (!term.isOf(kind, bare) || term.bare() && terms.size() > 1) {
                throw range.unreadable(text);
            }
            value += term.own()
                    .map(own -> term.count() * own.one().millilitres())
                    .orElseGet(() -> term.count()
                            * inOwnKitchen(term.unit().orElse(bare)).size());
        }
        Term first = terms.get(0);
        range.require(value, terms.size() > 1 ? text.strip() : first.words(bare));
        return value;
    }

    /** A spoon or cup is the one that stands in the gardener's own kitchen. */
    private MeasureUnit inOwnKitchen(MeasureUnit unit) {
        if (system == UnitSystem.US) {
            return unit;
        }
        if (unit == VolumeUnit.US_TEASPOON) {
            return VolumeUnit.METRIC_TEASPOON;
        }
        if (unit == VolumeUnit.US_TABLESPOON) {
            return VolumeUnit.METRIC_TABLESPOON;
        }
        return unit == VolumeUnit.US_CUP ? VolumeUnit.METRIC_CUP : unit;
    }

    /** An amount that stands where a cursor stands, in units of weight or volume; nothing is passed where none does. */
    public Optional<Quantity> passed(Cursor cursor, double count) {
        int here = cursor.position();
        Optional<MeasureUnit> unit =
                Spelling.unit(cursor).map(Spelling.Spelt::unit).map(this::inOwnKitchen);
        if (unit.isPresent() && unit.get() instanceof MassUnit mass) {
            return Optional.of(Mass.of(count, mass));
        }
        if (unit.isPresent() && unit.get() instanceof VolumeUnit volume) {
            return Optional.of(Volume.of(count, volume));
        }
        cursor.back(here);
        return sizes.at(cursor, "The amount").map(own -> own.one().times(count));
    }

    private String example(String metric, String us) {
        return system == UnitSystem.METRIC ? metric : us;
    }

    private static Cursor cursor(Range range, String text) {
        String line = text.strip();
        if (line.length() > LONGEST) {
            throw InvalidInput.tooLong(range.name(), line, LONGEST);
        }
        return new Cursor(Lexer.of(range.name(), line));
    }

    private static double signed(Range range, Cursor cursor, String text) {
        boolean negative = cursor.take("-");
        if (!negative) {
            cursor.take("+");
        }
        double count = cursor.number()
                .filter(number -> number <= Double.MAX_VALUE)
                .orElseThrow(() -> range.unreadable(text, cursor));
        return negative ? -count : count;
    }

    /** One amount, or several that are one together: "2 gal 1 qt", "1.5 mL + 7 drops". */
    private List<Term> terms(Range range, String text) {
        Cursor cursor = cursor(range, text);
        List<Term> terms = new ArrayList<>();
        double count = cursor.take("a", "an") ? 1 : signed(range, cursor, text);
        terms.add(term(range, cursor, count));
        while (!cursor.atEnd()) {
            if (!cursor.take("+")) {
                cursor.take("and");
            }
            int here = cursor.position();
            Optional<Double> more = cursor.number();
            Term term = term(range, cursor, more.orElse(1.0));
            if (more.isEmpty() || term.bare()) {
                cursor.back(here);
                throw range.unreadable(text, cursor);
            }
            terms.add(term);
        }
        return terms;
    }

    private Term term(Range range, Cursor cursor, double count) {
        Optional<MeasureUnit> unit = Spelling.unit(cursor).map(Spelling.Spelt::unit);
        return new Term(count, unit, unit.isPresent() ? Optional.empty() : sizes.at(cursor, range.name()));
    }

    /** A number with its unit, or with a measure of the gardener's own; neither where it stands alone. */
    private record Term(double count, Optional<MeasureUnit> unit, Optional<HomeSizes.Sized> own) {
        boolean bare() {
            return unit.isEmpty() && own.isEmpty();
        }

        boolean isOf(Class<? extends MeasureUnit> kind, MeasureUnit bare) {
            return own.isPresent() ? kind == VolumeUnit.class : kind.isInstance(unit.orElse(bare));
        }

        /** Whether it is a weight; empty where nothing says so. */
        Optional<Boolean> weighs() {
            return own.isPresent() ? Optional.of(false) : unit.map(MassUnit.class::isInstance);
        }

        String words(MeasureUnit bare) {
            return AmountText.number(count) + " "
                    + own.map(sized -> sized.measure().words())
                            .orElseGet(() -> unit.orElse(bare).symbol());
        }
    }

    /** What may be typed: the limits in the base unit, and how they are told. */
    private record Range(
            String name,
            String what,
            String example,
            double least,
            double most,
            String unit,
            DoubleFunction<String> words) {
        /** Limits typed in another unit than the base unit must still pass. */
        private static final double CONVERSION_NOISE = 1e-9;

        void require(double value, String given) {
            double noise = CONVERSION_NOISE * Math.abs(most);
            if (!(value >= least - noise && value <= most + noise)) {
                throw InvalidInput.outOfRange(name, given, words.apply(least), words.apply(most), least, most, unit);
            }
        }

        /** Names the word where understanding stopped, and the nearest that is known. */
        InvalidInput unreadable(String given, Cursor cursor) {
            String rest = cursor.rest();
            String stopped = rest.contains(" ") ? rest.substring(0, rest.indexOf(' ')) : rest;
            boolean partly = cursor.position() > 0 && !stopped.isEmpty();
            return InvalidInput.unreadable(
                    name,
                    given,
                    (partly
                                    ? "“" + stopped + "” is not known here"
                                            + Spelling.nearest(stopped)
                                                    .map(known -> "; “" + known + "” is")
                                                    .orElse("")
                                            + ". "
                                    : "")
                            + allowed());
        }

        InvalidInput unreadable(String given) {
            return InvalidInput.unreadable(name, given, allowed());
        }

        private String allowed() {
            return "Type a " + what + " from " + words.apply(least) + " to " + words.apply(most) + ", such as "
                    + example + ".";
        }
    }
}
