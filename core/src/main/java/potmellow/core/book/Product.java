package potmellow.core.book;

import java.time.LocalDate;
import java.util.List;
import potmellow.core.book.Caution.Moment;
import potmellow.core.strength.Target;

/**
 * What a method makes, how it keeps and how it is used.
 *
 * @param id stable id, by which methods name it
 * @param name what a bottle of it is called
 * @param keeps how long it keeps, each way of keeping it
 * @param bottleFillShare how full a bottle of it may be
 * @param uses strengths for each target
 * @param cautions dangers of making, keeping and using it
 */
public record Product(
        String id, String name, List<Keep> keeps, Stated bottleFillShare, List<Use> uses, List<Caution> cautions) {
    public Product {
        cautions = List.copyOf(cautions);
        keeps = List.copyOf(keeps);
        uses = List.copyOf(uses);
    }

    public List<Caution> cautions(Moment moment) {
        return cautions.stream().filter(caution -> caution.at() == moment).toList();
    }

    /** @throws IllegalArgumentException where the product is not used so */
    public Use use(Target target) {
        return uses.stream()
                .filter(use -> use.target() == target)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(name + " is not used on " + target.words() + "."));
    }

    /** @throws IllegalArgumentException where the product is not kept so */
    public Keep keep(String id) {
        return keeps.stream()
                .filter(keep -> keep.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(name + " is not kept “" + id + "”."));
    }

    /**
     * One way of keeping it.
     *
     * @param id stable id
     * @param words such as "cool and dark"
     * @param days how long
     */
    public record Keep(String id, String words, Stated days) {
        /** The last day that it is counted on. */
        public LocalDate lastDay(LocalDate strained) {
            return strained.plusDays(Math.round(days.value()));
        }
    }
}
