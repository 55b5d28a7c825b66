package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.scaling.Recipe.Leftover;
import potmellow.core.scaling.Recipe.Limit;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** What of the things in hand runs out first, and what stays over. */
record Hand(Method method, Proportions proportions, Anchor.InHand hand, UnitSystem system) {
    /** @throws IllegalArgumentException for a part that doesn't say how large the batch is */
    static Part part(Method method, String id) {
        return method.part(id)
                .filter(Part::scales)
                .orElseThrow(() -> new IllegalArgumentException(
                        "The part " + id + " of " + method.id() + " doesn't say how large the batch is."));
    }

    private double scale(Map.Entry<String, Quantity> have) {
        return proportions.scale(part(method, have.getKey()), have.getValue());
    }

    Optional<Limit> limit() {
        if (hand.parts().size() < 2) {
            return Optional.empty();
        }
        Map.Entry<String, Quantity> first = hand.parts().entrySet().stream()
                .min(Comparator.comparingDouble(this::scale))
                .orElseThrow();
        Part part = part(method, first.getKey());
        String words = part.name() + " runs out first: " + first.getValue().text(system) + " decides the batch.";
        String[] figures = hand.parts().entrySet().stream()
                .flatMap(have -> Stream.of(
                        part(method, have.getKey()).name(), AmountText.number(scale(have)) + " × the reference batch"))
                .toArray(String[]::new);
        return Optional.of(new Limit(
                part.id(),
                words,
                Working.of(
                        scale(first),
                        Step.of(
                                "The part that allows the smallest batch limits it.",
                                part.name(),
                                part.amount().evidence(),
                                figures))));
    }

    List<Leftover> leftovers(Map<String, Quantity> measured) {
        List<Leftover> leftovers = new ArrayList<>();
        hand.parts().forEach((id, have) -> {
            Part part = part(method, id);
            Material material = proportions.material(part);
            Quantity used = have.isMass() ? material.mass(measured.get(id)) : material.volume(measured.get(id));
            double left = have.base() - used.base();
            if (left > have.base() * MeasuredVolume.WORTH_TELLING) {
                leftovers.add(new Leftover(id, part.name(), have.withBase(left)));
            }
        });
        return leftovers;
    }
}
