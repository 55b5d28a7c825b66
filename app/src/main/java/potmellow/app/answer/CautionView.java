package potmellow.app.answer;

import java.util.List;
import potmellow.core.book.Caution;

/**
 * A danger, told where it is met.
 *
 * @param title one or two words
 * @param words what to do
 */
public record CautionView(String title, String words) {
    public static List<CautionView> of(List<Caution> cautions) {
        return cautions.stream()
                .map(caution -> new CautionView(caution.title(), caution.words()))
                .toList();
    }
}
