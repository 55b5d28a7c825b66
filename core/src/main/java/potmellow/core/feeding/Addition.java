package potmellow.core.feeding;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import potmellow.core.book.Nature;
import potmellow.core.book.Nature.Kind;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.craft.Stated;
import potmellow.core.strength.Target;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;
import potmellow.core.workings.Salt;

/** What gardeners put into the same water from the kitchen or the shore. */
public enum Addition implements Brew {
    VINEGAR("brown rice vinegar", 500, Mark.COMMON_PRACTICE, Set.of(), true),
    SEAWATER("seawater", 30, Mark.COMMON_PRACTICE, Set.of(Kind.SALT), false),
    /** A teaspoon in five US gallons. */
    HUMIC_ACID("humic acid", 3840, Mark.COMMON_PRACTICE, Set.of(Kind.HUMIC), true),
    WOOD_ASH("wood ash, steeped", 200, Mark.FROM_MEMORY, Set.of(Kind.ASH), false),
    LIME("garden lime, stirred in", 1000, Mark.FROM_MEMORY, Set.of(Kind.ASH), false);

    /** Seawater undiluted; at 1:30 it brings about 1.7 mS/cm (from memory). */
    static final double SEAWATER_EC = Salt.SEAWATER.value();

    private final String words;
    private final double usual;
    private final Mark mark;
    private final Set<Kind> kinds;
    private final boolean onLeaves;

    Addition(String words, double usual, Mark mark, Set<Kind> kinds, boolean onLeaves) {
        this.words = words;
        this.usual = usual;
        this.mark = mark;
        this.kinds = kinds;
        this.onLeaves = onLeaves;
    }

    public String words() {
        return words;
    }

    @Override
    public String label() {
        return words;
    }

    @Override
    public Optional<Product> brewed() {
        return Optional.empty();
    }

    @Override
    public Nature nature() {
        return new Nature(kinds, Set.of(), false);
    }

    @Override
    public List<InStore> bottles() {
        return List.of();
    }

    @Override
    public OptionalDouble ec() {
        return kinds.contains(Kind.SALT) ? OptionalDouble.of(SEAWATER_EC) : OptionalDouble.empty();
    }

    /** The same for whatever grows there. */
    @Override
    public StrengthAdvice advice(Target target, Optional<Recipient> recipient) {
        Use use = use(target);
        Step usually = Step.of(
                "The usual strength of " + words + ".",
                use.usualRatio().text(),
                use.usual().evidence());
        Step days = Step.of("Days between two.", "14 days", use.intervalDays().evidence());
        return new StrengthAdvice(
                use,
                Working.of(use.usualRatio(), usually),
                use.strongestRatio(),
                use.weakestRatio(),
                Working.of(use.intervalDays().value(), days),
                Optional.empty(),
                Response.none());
    }

    private Use use(Target target) {
        return new Use(
                target,
                onLeaves || !target.onLeaves() ? Use.Status.ALLOWED : Use.Status.UNWISE,
                new Stated(usual, mark, ""),
                new Stated(usual / 2, Mark.FROM_MEMORY, ""),
                new Stated(usual * 4, Mark.FROM_MEMORY, ""),
                null,
                new Stated(14, Mark.FROM_MEMORY, ""),
                new Stated(0, Mark.FROM_MEMORY, ""),
                null,
                Optional.of("It may burn or coat leaves."),
                List.of(),
                null);
    }
}
