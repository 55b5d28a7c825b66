package potmellow.core.book;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Quantity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * How what comes out of a batch is reckoned. A liquid is what went in as liquid and what the solids give up, less what they hold;
 * a solid is counted on one of its parts.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.DEDUCTION)
@JsonSubTypes({@JsonSubTypes.Type(Output.Strained.class), @JsonSubTypes.Type(Output.Counted.class)})
public sealed interface Output {
    /** How far it can be trusted. */
    Mark mark();

    /** What is told of it, in words. */
    String words();

    default Evidence evidence() {
        return new Evidence(mark(), false, "");
    }

    /** Whether it is weighed. */
    boolean weighed();

    /**
     * The liquid that is strained off (handbook of the craft, section 15, from memory).
     *
     * @param gives the share of the solids' water that they give up; a part may tell its own
     * @param holds litres that stay with each kilogram of solids; a part may tell its own
     * @param lost the share that goes into the air; empty under a lid
     * @param least the least to expect, as a share of the usual
     * @param most the most to expect, as a share of the usual
     * @param mark how far it can be trusted
     */
    record Strained(Stated gives, Optional<Stated> holds, Optional<Stated> lost, double least, double most, Mark mark)
            implements Output {
        public Strained {
            holds = holds == null ? Optional.empty() : holds;
            lost = lost == null ? Optional.empty() : lost;
            if (!(0 < least && least <= 1 && 1 <= most)) {
                throw new IllegalArgumentException(
                        "The yield (" + least + " to " + most + " of the usual) must run from least to most.");
            }
            requireShare("given up", Optional.of(gives));
            requireShare("lost", lost);
            if (holds.filter(stated -> stated.value() < 0).isPresent() || mark == null) {
                throw new IllegalArgumentException("What the solids hold can't be less than nothing, and has a mark.");
            }
        }

        private static void requireShare(String what, Optional<Stated> share) {
            if (share.filter(stated -> !(stated.value() >= 0 && stated.value() <= 1))
                    .isPresent()) {
                throw new IllegalArgumentException("The share " + what + " must be from 0 to 1.");
            }
        }

        public double givesShare() {
            return gives.value();
        }

        public double holdsLitresPerKilogram() {
            return holds.map(Stated::value).orElse(0.0);
        }

        public double lostShare() {
            return lost.map(Stated::value).orElse(0.0);
        }

        @Override
        public String words() {
            List<String> words = new ArrayList<>(List.of("all liquid that goes in"));
            if (givesShare() > 0) {
                words.add("with " + AmountText.percent(givesShare()) + " of the water of the solids");
            }
            if (holdsLitresPerKilogram() > 0) {
                words.add("less " + AmountText.number(holdsLitresPerKilogram()) + " L for each kilogram of them");
            }
            if (lostShare() > 0) {
                words.add("less " + AmountText.percent(lostShare()) + " that goes into the air");
            }
            return String.join(", ", words);
        }

        @Override
        public boolean weighed() {
            return false;
        }
    }

    /**
     * So much per amount of one part.
     *
     * @param least the least to expect
     * @param usual what is planned with; half way where it is left out
     * @param most the most to expect
     * @param unit L or kg
     * @param per the unit of the part that it is counted on, L or kg
     * @param of id of that part; "vessel" only in files of the first edition, which counted liquids on the vessel
     * @param mark how far it can be trusted
     */
    record Counted(double least, Double usual, double most, String unit, String per, String of, Mark mark)
            implements Output {
        static final String VESSEL = "vessel";
        /** What plants under water give up of theirs (from memory): for files that counted on the vessel. */
        private static final double PLANTS_GIVE = 0.7;

        public Counted {
            usual = usual == null ? Double.valueOf((least + most) / 2) : usual;
            if (!(0 < least && least <= usual && usual <= most)) {
                throw new IllegalArgumentException(
                        "The yield (" + least + ", " + usual + ", " + most + ") must run from least to most.");
            }
            if (mark == null || of == null) {
                throw new IllegalArgumentException("The yield must say what it is counted on, with a mark.");
            }
            Quantity.of(usual, unit);
            Quantity.of(1, per);
        }

        /** What was a share of the vessel follows from what went in. */
        Output today() {
            return of.equals(VESSEL)
                    ? new Strained(
                            new Stated(PLANTS_GIVE, Mark.FROM_MEMORY, ""),
                            Optional.empty(),
                            Optional.empty(),
                            least / usual,
                            most / usual,
                            mark)
                    : this;
        }

        public Quantity perQuantity() {
            return Quantity.of(1, per);
        }

        /** So much of it, where the part comes to that many units. */
        public Quantity times(double amount, double units) {
            return Quantity.of(1, unit).times(amount * units);
        }

        @Override
        public String words() {
            String span = least < most
                    ? AmountText.number(least) + " to " + AmountText.number(most)
                    : AmountText.number(usual);
            return span + " " + unit + " from 1 " + per + " of " + of;
        }

        @Override
        public boolean weighed() {
            return Quantity.of(1, unit).isMass();
        }
    }
}
