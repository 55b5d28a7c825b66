package potmellow.core.pantry;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Product;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.working.Working;

/**
 * Where a brewed part of a recipe comes from.
 *
 * @param partId the part
 * @param product the brew it is
 * @param wanted how much goes in
 * @param taken what comes out of which bottle
 * @param missing what the store doesn't give; nothing where that is no more than a jug is out by
 * @param could the bottles that it could come from, the first to use on top
 * @param lead how long it takes to have what is missing; empty where nothing is, or the book makes it in no way
 */
public record Supply(
        String partId,
        Product product,
        Volume wanted,
        List<Taken> taken,
        Volume missing,
        List<Kept> could,
        Optional<Working<LeadTime>> lead) {
    public Supply {
        taken = List.copyOf(taken);
        could = List.copyOf(could);
    }

    /** Whether the store gives all of it. */
    public boolean complete() {
        return missing.millilitres() == 0;
    }

    /** "70 mL from P15", "40 mL from P15 and 30 mL from P16; 20 mL are missing", "none in store". */
    public String words(UnitSystem system) {
        String from = taken.stream()
                .map(one -> product.text(one.amount(), system) + " from " + one.code())
                .collect(joining(" and "));
        if (complete()) {
            return from;
        }
        if (could.isEmpty()) {
            return "none in store";
        }
        return from.isEmpty() ? "not from the store" : from + "; " + product.text(missing, system) + " missing";
    }

    /**
     * What is taken out of a bottle.
     *
     * @param code its code
     * @param amount how much
     */
    public record Taken(String code, Volume amount) {}
}
