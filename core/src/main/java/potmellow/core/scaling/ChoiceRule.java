package potmellow.core.scaling;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Part;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** Whether a material is used at all, and whether this school uses it. */
final class ChoiceRule {
    private ChoiceRule() {}

    /** @return empty for a part that leaves no choice */
    static Optional<Finding> judge(Part part, Material chosen, Book book) {
        List<String> choices = part.choices();
        if (choices.size() == 1 && choices.contains(chosen.id()) && !book.sweetens(part)) {
            return Optional.empty();
        }
        String asked = choices.stream()
                .map(id -> book.material(id).orElseThrow().name())
                .collect(Collectors.joining(", or "));
        Step step = Step.of("This way uses " + asked + ".", chosen.name(), Evidence.commonPractice());
        if (chosen.refusal().isPresent()) {
            String words = chosen.refusal().get() + " Use " + asked + ".";
            return Optional.of(Finding.of(chosen.id(), Severity.REFUSE, part.id(), words, step));
        }
        if (choices.contains(chosen.id())) {
            return Optional.of(Finding.of(part.id(), Severity.HOLDS, part.id(), "This way uses " + asked + ".", step));
        }
        return Optional.of(Finding.of(
                part.id(),
                Severity.NOTE,
                part.id(),
                "You chose: " + chosen.name() + ". It works too, but this way uses " + asked + ".",
                step));
    }
}
