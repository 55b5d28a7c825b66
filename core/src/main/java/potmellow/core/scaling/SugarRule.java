package potmellow.core.scaling;

import java.util.List;
import java.util.stream.Collectors;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** Whether a sugar is used at all, and whether this school uses it. */
final class SugarRule {
    private static final String CONCERNS = "sugar";

    private SugarRule() {}

    static Finding judge(Method method, Material sugar, Book book) {
        List<String> choices = method.sugar().choices();
        String asked = choices.stream()
                .map(id -> book.material(id).orElseThrow().name())
                .collect(Collectors.joining(", or "));
        Step step = Step.of("This way uses " + asked + ".", sugar.name(), Evidence.commonPractice());
        if (sugar.refusal().isPresent()) {
            String words = sugar.refusal().get() + " Use " + asked + ".";
            return Finding.of(sugar.id(), Severity.REFUSE, CONCERNS, words, step);
        }
        if (choices.contains(sugar.id())) {
            return Finding.of("sugar", Severity.HOLDS, CONCERNS, "This way uses " + asked + ".", step);
        }
        return Finding.of(
                "sugar",
                Severity.NOTE,
                CONCERNS,
                "You chose: " + sugar.name() + ". It works too, but this way uses " + asked + ".",
                step);
    }
}
