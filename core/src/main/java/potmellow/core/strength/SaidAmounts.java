package potmellow.core.strength;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import potmellow.core.measure.Cursor;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.MassUnit;
import potmellow.core.measure.MeasureUnit;
import potmellow.core.measure.Spelling;
import potmellow.core.measure.Spelling.Spelt;
import potmellow.core.measure.Token;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;

/** The amounts of a saying. Whose spoon, ounce and gallon it is: in one saying they come from one kitchen. */
final class SaidAmounts {
    private static final String[] IMPERIAL = {"imp", "imperial", "uk", "british"};
    private static final String[] OF_GALLONS =
            "gal gals gallon gallons quart quarts qt qts pint pints pt oz ounce ounces floz".split(" ");

    private final Cursor cursor;
    private final HomeSizes sizes;
    private final Supplier<InvalidInput> unreadable;
    private final boolean imperial;
    private final boolean gallons;
    private final Set<String> notes = new LinkedHashSet<>();

    SaidAmounts(Cursor cursor, List<Token> all, Supplier<InvalidInput> unreadable, HomeSizes sizes) {
        this.cursor = cursor;
        this.sizes = sizes;
        this.unreadable = unreadable;
        this.imperial = all.stream().anyMatch(token -> token.is(IMPERIAL));
        this.gallons = all.stream().anyMatch(token -> token.is(OF_GALLONS));
    }

    /** What was taken for granted in reading them, such as "US gallon". */
    Set<String> notes() {
        return notes;
    }

    /**
     * The amount that stands here: "two tablespoons", "1.5 mL + 7 drops", "a gallon", "gallon"; a number alone where no unit
     * follows. A range of amounts, "1 to 2 tbsp", keeps its upper end.
     */
    Optional<SaidAmount> next() {
        cursor.skip("the", "about", "of", "~");
        int here = cursor.position();
        Optional<Double> count = cursor.number(false);
        if (count.isPresent()) {
            return Optional.of(range(count.get()).orElseGet(() -> counted(count.get())));
        }
        cursor.take("a", "an");
        Optional<SaidAmount> one =
                Spelling.unit(cursor).map(spelt -> measured(1, spelt)).or(() -> own(1));
        if (one.isEmpty()) {
            cursor.back(here);
        }
        return one;
    }

    /** So many of a measure of the gardener's own. */
    private Optional<SaidAmount> own(double count) {
        return sizes.at(cursor, "The strength").map(sized -> {
            notes.add(sized.words());
            Volume volume = sized.one().times(count);
            return new SaidAmount(count, Optional.of(volume), sized.measure().words(), false, Optional.empty());
        });
    }

    private Optional<SaidAmount> range(double least) {
        int here = cursor.position();
        if (cursor.take("to", "-", "or")) {
            Optional<Double> most = cursor.number();
            Optional<Spelt> unit = most.isPresent() ? Spelling.unit(cursor) : Optional.empty();
            if (unit.isPresent() && cursor.peek(0).isPresent()) {
                SaidAmount lower = measured(least, unit.get());
                SaidAmount upper = measured(most.get(), unit.get());
                return Optional.of(
                        new SaidAmount(least, lower.volume(), lower.unit(), lower.whoseGallon(), Optional.of(upper)));
            }
        }
        cursor.back(here);
        return Optional.empty();
    }

    private SaidAmount counted(double count) {
        Optional<SaidAmount> one = Spelling.unit(cursor).map(unit -> measured(count, unit));
        SaidAmount amount = one.or(() -> own(count)).orElseGet(() -> SaidAmount.ofNumber(count));
        return amount.volume().isPresent() ? withMore(amount) : amount;
    }

    /** "2 tbsp + 1 tsp": what is measured in two goes. */
    private SaidAmount withMore(SaidAmount amount) {
        int end = cursor.position();
        if (cursor.take("+", "and")) {
            Optional<Double> more = cursor.number();
            Optional<Spelt> small = more.isPresent() ? Spelling.unit(cursor) : Optional.empty();
            if (small.isPresent()) {
                SaidAmount rest = measured(more.get(), small.get());
                Volume both = Volume.ofMillilitres(amount.volume().get().millilitres()
                        + rest.volume().get().millilitres());
                return new SaidAmount(
                        amount.count(),
                        Optional.of(both),
                        amount.unit() + " + " + rest.text(),
                        false,
                        Optional.empty());
            }
        }
        cursor.back(end);
        return amount;
    }

    private SaidAmount measured(double count, Spelt spelt) {
        MeasureUnit unit = spelt.unit() == MassUnit.OUNCE ? VolumeUnit.US_FLUID_OUNCE : spelt.unit();
        if (!(count > 0) || !(unit instanceof VolumeUnit volume)) {
            throw unreadable.get();
        }
        VolumeUnit own = kitchen(volume, spelt);
        boolean open = !imperial && spelt.bare() && own != imperialOf(own);
        return new SaidAmount(count, Optional.of(Volume.of(count, own)), spelt.spelling(), open, Optional.empty());
    }

    private VolumeUnit kitchen(VolumeUnit unit, Spelt spelt) {
        return switch (unit) {
            case US_TEASPOON -> gallons && !imperial ? unit : VolumeUnit.METRIC_TEASPOON;
            case US_TABLESPOON -> gallons && !imperial ? unit : VolumeUnit.METRIC_TABLESPOON;
            case US_CUP -> gallons && !imperial ? unit : VolumeUnit.METRIC_CUP;
            case US_FLUID_OUNCE, US_PINT, US_QUART, US_GALLON -> {
                VolumeUnit own = imperial && spelt.bare() ? imperialOf(unit) : unit;
                note(own);
                yield own;
            }
            case DROP -> {
                notes.add("a drop is 0.05 mL");
                yield unit;
            }
            default -> unit;
        };
    }

    private void note(VolumeUnit unit) {
        switch (unit) {
            case US_GALLON -> notes.add("US gallon");
            case US_QUART -> notes.add("US quart");
            case US_PINT -> notes.add("US pint");
            case IMPERIAL_GALLON -> notes.add("imperial gallon");
            default -> {
                return;
            }
        }
    }

    private static VolumeUnit imperialOf(VolumeUnit unit) {
        return switch (unit) {
            case US_FLUID_OUNCE -> VolumeUnit.IMPERIAL_FLUID_OUNCE;
            case US_PINT -> VolumeUnit.IMPERIAL_PINT;
            case US_QUART -> VolumeUnit.IMPERIAL_QUART;
            case US_GALLON -> VolumeUnit.IMPERIAL_GALLON;
            default -> unit;
        };
    }
}
