package potmellow.core.measure;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How large a garden's own measures are, as far as it has said.
 *
 * @param system the units that it measures in
 * @param known what one of them holds
 */
public record HomeSizes(UnitSystem system, Map<HomeMeasure, Volume> known) {
    public HomeSizes {
        known = Map.copyOf(known);
    }

    /** Nothing is said yet. */
    public static HomeSizes none(UnitSystem system) {
        return new HomeSizes(system, Map.of());
    }

    /** All that are known, in their order. */
    public List<Sized> all() {
        return known.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(size -> new Sized(size.getKey(), size.getValue(), system))
                .toList();
    }

    /**
     * So many of the measure that stands where a cursor stands, which then passes it; empty where none does.
     *
     * @param name begins the sentence of the question
     * @throws InvalidInput where it is not known yet how large that is: it asks, once
     */
    public Optional<Sized> at(Cursor cursor, String name) {
        int here = cursor.position();
        return HomeMeasure.at(cursor).map(measure -> {
            Volume one = known.get(measure);
            if (one == null) {
                cursor.back(here);
                throw InvalidInput.unsized(name, cursor.text(), measure, measure.offers(system));
            }
            return new Sized(measure, one, system);
        });
    }

    /**
     * A measure whose size is known.
     *
     * @param one what it holds
     */
    public record Sized(HomeMeasure measure, Volume one, UnitSystem system) {
        /** What it holds, as a kitchen measures it. */
        public String size() {
            return MeasuredVolume.dose(one, system);
        }

        /** What was taken for it, such as "a capful is 10 mL". */
        public String words() {
            return "a " + measure.words() + " is " + size();
        }
    }
}
