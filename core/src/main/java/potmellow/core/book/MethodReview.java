package potmellow.core.book;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import potmellow.core.craft.Family;
import potmellow.core.craft.Stated;
import potmellow.core.craft.Window;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Quantity;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;

/** What is odd about a gardener's own method, held against the methods of its family and the rules that protect people. */
public record MethodReview(Book book, MethodFile own) {
    /** A time so many times longer or shorter than every shipped one is odd (from memory). */
    private static final double ODD_TIME = 2;

    private static final double ODD_SHARE = 1.5;

    /** What is refused first, then what is odd; empty for nothing to say. */
    public List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        lids().ifPresent(findings::add);
        own.method().stages().forEach(stage -> time(stage).ifPresent(findings::add));
        own.product().uses().forEach(use -> strength(use).ifPresent(findings::add));
        own.product().keeps().forEach(keep -> keeping(keep).ifPresent(findings::add));
        parts().forEach(findings::add);
        findings.sort(Comparator.comparing(Finding::severity).reversed());
        return findings;
    }

    private List<Method> family() {
        return book.methods(own.method().family()).stream()
                .filter(method -> !method.id().equals(own.method().id()))
                .toList();
    }

    private Optional<Finding> lids() {
        Stage first = own.method().stages().get(0);
        List<Lid> wrong = own.method().vessel().lids().stream()
                .filter(lid -> !lid.lets(first.gas()))
                .toList();
        if (wrong.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Finding.of(
                "own-lid",
                Severity.REFUSE,
                "lids",
                "It gives off gas (" + first.gas().words() + "), so it can't ask for this lid: "
                        + wrong.get(0).words() + ". It would burst.",
                Step.of(
                        "Never a tight lid where there is any gas; nothing that holds it back where the gas is violent.",
                        wrong.get(0).words(),
                        Evidence.commonPractice())));
    }

    private Optional<Finding> time(Stage stage) {
        List<Window> known = family().stream()
                .flatMap(method -> method.stages().stream())
                .filter(other -> !other.instant())
                .map(Stage::window)
                .toList();
        if (stage.instant() || known.isEmpty()) {
            return Optional.empty();
        }
        double least = known.stream().mapToDouble(Window::fromDays).min().orElseThrow();
        double most = known.stream().mapToDouble(Window::toDays).max().orElseThrow();
        Window told = stage.window();
        boolean odd = told.toDays() * ODD_TIME < least || told.fromDays() > most * ODD_TIME;
        return odd
                ? Optional.of(note(
                        "own-time",
                        "stages",
                        stage.name() + " takes " + stage.windowWords()
                                + "; the book's methods of this family take from " + AmountText.number(least) + " to "
                                + AmountText.number(most) + " days. Is that meant?",
                        stage.windowWords()))
                : Optional.empty();
    }

    private Optional<Finding> strength(Use use) {
        List<Use> known = family().stream()
                .flatMap(method -> book.productOf(method).find(use.target()).stream())
                .filter(other -> other.status() == Use.Status.ALLOWED)
                .toList();
        if (use.status() != Use.Status.ALLOWED) {
            return Optional.empty();
        }
        if (alwaysForbidden(use)) {
            return Optional.of(note(
                    "own-forbidden",
                    "uses",
                    "Every brew of this family is forbidden on " + use.target().words()
                            + ", and yours is allowed there.",
                    use.status().words()));
        }
        return known.stream()
                .map(other -> other.strongest().value())
                .min(Comparator.naturalOrder())
                .filter(strongest -> use.usual().value() < strongest)
                .map(strongest -> strongerThanAny(use, strongest));
    }

    private boolean alwaysForbidden(Use use) {
        return !family().isEmpty()
                && family().stream()
                        .map(method -> book.productOf(method).find(use.target()))
                        .allMatch(other -> other.filter(one -> one.status() == Use.Status.FORBIDDEN)
                                .isPresent());
    }

    private static Finding strongerThanAny(Use use, double strongest) {
        String words = "On " + use.target().words() + " you use it at "
                + use.usualRatio().text()
                + ", stronger than any brew of this family (" + AmountText.number(strongest)
                + " parts of water at least). Try one plant first.";
        return note("own-strength", "uses", words, use.usualRatio().text());
    }

    private Optional<Finding> keeping(Product.Keep keep) {
        double longest = family().stream()
                .flatMap(method -> book.productOf(method).keeps().stream())
                .filter(other -> other.days().isPresent())
                .mapToDouble(other -> other.days().get().value())
                .max()
                .orElse(Double.MAX_VALUE);
        double told = keep.days().map(Stated::value).orElse(0.0);
        return told > longest * ODD_SHARE
                ? Optional.of(note(
                        "own-keeping",
                        "keeps",
                        "It is to keep " + keep.lengthWords() + "; nothing of this family keeps longer than "
                                + AmountText.number(longest) + " days.",
                        keep.lengthWords()))
                : Optional.empty();
    }

    private List<Finding> parts() {
        List<Finding> findings = new ArrayList<>();
        for (Part part : own.method().parts()) {
            for (String choice : part.choices()) {
                book.material(choice)
                        .flatMap(Material::refusal)
                        .ifPresent(refusal -> findings.add(Finding.of(
                                "own-material",
                                Severity.REFUSE,
                                "parts",
                                refusal,
                                Step.of(
                                        "Not used at all.",
                                        book.material(choice).orElseThrow().name(),
                                        Evidence.commonPractice()))));
            }
        }
        sugar().ifPresent(findings::add);
        return findings;
    }

    /** A sugar ferment with much less sugar than plant rots. */
    private Optional<Finding> sugar() {
        if (own.method().family() != Family.SUGAR) {
            return Optional.empty();
        }
        Optional<Part> sugar =
                own.method().parts().stream().filter(book::sweetens).findFirst();
        Part main = own.method().main();
        boolean byWeight = sugar.isPresent()
                && sugar.get().amount().basis() == Basis.WEIGHT
                && main.amount().basis() == Basis.WEIGHT;
        if (!byWeight) {
            return Optional.empty();
        }
        double ratio = Quantity.of(
                        sugar.get().amount().value(), sugar.get().amount().unit())
                .dividedBy(Quantity.of(main.amount().value(), main.amount().unit()));
        return ratio < 1 / ODD_SHARE
                ? Optional.of(note(
                        "own-sugar",
                        "parts",
                        "It has " + AmountText.number(ratio) + " of sugar to 1 of "
                                + main.name().toLowerCase(Locale.ROOT)
                                + " by weight; the book takes 1 to 1. With less it rots more easily.",
                        AmountText.number(ratio)))
                : Optional.empty();
    }

    private static Finding note(String rule, String concerns, String words, String told) {
        return Finding.of(
                rule,
                Severity.NOTE,
                concerns,
                words,
                Step.of(
                        "Held against the book's methods of this family.",
                        told,
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE)));
    }
}
