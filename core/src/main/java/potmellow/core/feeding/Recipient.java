package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;

/**
 * A planting that is to be fed.
 *
 * @param id which, so that two of one name are told apart
 * @param plants what they are
 * @param history what they got and showed
 */
public record Recipient(String id, Plants plants, History history) {
    /** The order in which several are told of, whoever was named first. */
    static final Comparator<Recipient> IN_ORDER =
            Comparator.comparing(Recipient::name).thenComparing(Recipient::id);

    public Recipient {
        requireNonNull(id, "id");
        requireNonNull(plants, "plants");
        requireNonNull(history, "history");
    }

    public String name() {
        return plants.name();
    }

    /** The same with another past. */
    public Recipient with(History past) {
        return new Recipient(id, plants, past);
    }
}
