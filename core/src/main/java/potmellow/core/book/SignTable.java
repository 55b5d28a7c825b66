package potmellow.core.book;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.craft.Family;
import potmellow.core.vessel.Lid;

/**
 * All signs, by family.
 *
 * @param families the senses of each family, in the order they are asked
 */
public record SignTable(Map<Family, List<Sense>> families) {
    public SignTable {
        families = Map.copyOf(families);
    }

    /** The senses asked of a brew under a lid. */
    public List<Sense> senses(Method method, Lid lid) {
        return families.getOrDefault(method.family(), List.of()).stream()
                .filter(sense -> sense.concerns(method.product()))
                .filter(sense -> lid.canBulge() || !sense.closedLidsOnly())
                .map(sense -> sense.in(method.product()))
                .toList();
    }

    public Optional<Sign> sign(Family family, String sense, String sign) {
        return families.getOrDefault(family, List.of()).stream()
                .filter(known -> known.sense().equals(sense))
                .flatMap(known -> known.signs().stream())
                .filter(known -> known.id().equals(sign))
                .findFirst();
    }
}
