package potmellow.app.typed;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.measure.HomeMeasure;
import potmellow.core.measure.InvalidInput;

/** Reads an entry while it is typed, so that a field can show how it is understood before it is sent. */
@RestController
class TypedController {
    private final GardenService gardens;
    private final Clock clock;

    TypedController(GardenService gardens, Clock clock) {
        this.gardens = gardens;
        this.clock = clock;
    }

    /**
     * How a text is understood; what can't be read yet is no problem: it may be half typed. The field's own answer tells limits.
     *
     * @param as what the field wants
     */
    @GetMapping("/api/typed")
    TypedView typed(@RequestParam TypedKind as, @RequestParam String text) {
        Garden garden = gardens.current();
        try {
            return new TypedView(
                    text.isBlank() ? Optional.empty() : Optional.of(as.read(garden, text, clock.instant())),
                    Optional.empty(),
                    List.of(),
                    Optional.empty());
        } catch (InvalidInput input) {
            boolean asks = !input.readings().isEmpty();
            return new TypedView(
                    Optional.empty(),
                    asks ? Optional.of(input.getMessage()) : Optional.empty(),
                    input.readings(),
                    input.unsized().map(OwnMeasure::of));
        }
    }

    /**
     * How an entry is understood.
     *
     * @param read how it is read, in the garden's units; absent where it isn't
     * @param question what is asked, where it could mean several things
     * @param readings what it could mean; or what such a measure usually holds
     * @param measure the measure of the gardener's own whose size is asked
     */
    record TypedView(
            Optional<String> read, Optional<String> question, List<String> readings, Optional<OwnMeasure> measure) {}

    /** @param words what it is called, such as "capful" */
    record OwnMeasure(String id, String words) {
        static OwnMeasure of(HomeMeasure measure) {
            return new OwnMeasure(measure.name(), measure.words());
        }
    }
}
