package potmellow.app.answer;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Caution;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * A danger, told where it is met.
 *
 * @param title one or two words
 * @param words what to do
 * @param working the figure behind it, with its source; absent where there is none
 */
public record CautionView(String title, String words, Optional<WorkingView> working) {
    public static List<CautionView> of(List<Caution> cautions) {
        return cautions.stream()
                .map(caution -> new CautionView(
                        caution.title(), caution.words(), caution.why().map(why -> working(caution, why))))
                .toList();
    }

    private static WorkingView working(Caution caution, String why) {
        Evidence printed = Evidence.published(caution.source().orElseThrow());
        return WorkingView.of(Working.of(caution.title(), Step.of(why, "", printed)));
    }
}
