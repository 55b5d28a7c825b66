package potmellow.core.feeding;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import potmellow.core.book.Nature;
import potmellow.core.book.Product;
import potmellow.core.measure.InvalidInput;
import potmellow.core.strength.Target;

/**
 * One brew from two bottles: the first is emptied, the rest comes from the other, both at the strength of the more careful one.
 *
 * @param first the bottle that is too short
 * @param rest the bottle that fills it up
 * @throws InvalidInput for bottles of different brews
 */
public record Joined(InStore first, InStore rest) implements Brew {
    public Joined {
        if (!first.product().id().equals(rest.product().id())) {
            throw InvalidInput.unreadable(
                    "The rest",
                    rest.code() + ", " + rest.product().name(),
                    "Take it from another bottle of " + first.product().name() + ", or pour both as two brews.");
        }
    }

    @Override
    public String label() {
        return first.label();
    }

    @Override
    public Optional<Product> brewed() {
        return first.brewed();
    }

    @Override
    public Nature nature() {
        return first.nature();
    }

    @Override
    public List<InStore> bottles() {
        return List.of(first, rest);
    }

    @Override
    public OptionalDouble ec() {
        return DoubleStream.concat(first.ec().stream(), rest.ec().stream()).max();
    }

    @Override
    public StrengthAdvice advice(Target target, Optional<Recipient> recipient) {
        return StrengthAdvice.together(List.of(first.advice(target, recipient), rest.advice(target, recipient)));
    }
}
