package potmellow.app.book;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.FindingView;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;
import potmellow.core.book.BookYaml;
import potmellow.core.book.HowTo;
import potmellow.core.book.Method;
import potmellow.core.book.MethodEdits;
import potmellow.core.book.MethodFile;
import potmellow.core.book.Part;
import potmellow.core.book.Stage;
import potmellow.core.book.Use;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.naming.PlainName;
import potmellow.core.strength.Target;

/** The gardener's own methods: out and in as files, and written from any other. */
@RestController
class OwnMethodController {
    private static final double LEAST_AMOUNT = 0.001;
    private static final double MOST_AMOUNT = 100_000;
    private static final double MOST_DAYS = 1000;
    private static final double MOST_WATER = 100_000;

    private final GardenService gardens;
    private final OwnMethodService methods;
    private final BookService books;
    private final AddedParts added;
    private final Clock clock;

    OwnMethodController(
            GardenService gardens, OwnMethodService methods, BookService books, AddedParts added, Clock clock) {
        this.gardens = gardens;
        this.methods = methods;
        this.books = books;
        this.added = added;
        this.clock = clock;
    }

    /** A method as an open file, YAML or schema.org HowTo in JSON-LD. */
    @GetMapping("/api/book/methods/{id}/file")
    ResponseEntity<String> file(@PathVariable String id, @RequestParam(defaultValue = "yaml") String format) {
        MethodFile file = methods.file(gardens.current(), id);
        boolean linked = format.equals("jsonld");
        String name = id + (linked ? ".jsonld" : ".yaml");
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .contentType(MediaType.parseMediaType(
                        linked ? "application/ld+json;charset=UTF-8" : "application/yaml;charset=UTF-8"))
                .body(linked ? HowTo.write(file) : BookYaml.write(file));
    }

    /** The JSON Schema that documents the file of a method. */
    @GetMapping("/api/book/method.schema.json")
    Resource schema() {
        return new ClassPathResource("potmellow/book/schema/method.schema.json");
    }

    /** What can be changed in a method, as it stands. */
    @GetMapping("/api/book/methods/{id}/draft")
    DraftView begin(@PathVariable String id) {
        Garden garden = gardens.current();
        MethodFile file = methods.file(garden, id);
        return view(garden, file, file);
    }

    /** A method with changes, checked; nothing is kept. */
    @PostMapping("/api/book/drafts")
    @NoAct
    DraftView draft(@RequestBody DraftRequest request) {
        Garden garden = gardens.current();
        MethodFile from = methods.file(garden, request.fromId());
        return view(garden, from, draft(garden, from, request));
    }

    /** Keeps a method with changes. */
    @PostMapping("/api/book/own")
    MethodCard keep(@RequestBody DraftRequest request) {
        Garden garden = gardens.current();
        MethodFile from = methods.file(garden, request.fromId());
        MethodFile kept = methods.keep(garden, draft(garden, from, request), request.replaces(), clock.instant());
        return card(garden, kept);
    }

    /** Takes in a file; a broken one is refused with line and reason, and nothing of it is kept. */
    @PostMapping("/api/book/imports")
    MethodCard takeIn(@RequestBody Import request) {
        Garden garden = gardens.current();
        MethodFile file = methods.read(garden, request.text());
        return card(garden, methods.keep(garden, file, Optional.empty(), clock.instant()));
    }

    /** Puts an own method away; pots made by it keep it. */
    @PostMapping("/api/book/own/{id}/retirement")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable String id) {
        methods.retire(gardens.current(), id, clock.instant());
    }

    private MethodCard card(Garden garden, MethodFile file) {
        return MethodCard.of(file.method(), books.of(garden), books.shipped());
    }

    private MethodFile draft(Garden garden, MethodFile from, DraftRequest request) {
        String title = FieldProblem.reading("title", () -> new PlainName(request.title()))
                .text();
        String school = FieldProblem.reading("school", () -> new PlainName(request.school()))
                .text();
        OwnMethodService.Changes changes = changes(garden, from, request);
        try {
            return methods.draft(garden, request.fromId(), title, school, changes);
        } catch (IllegalArgumentException wrong) {
            throw new FieldProblem("draft", InvalidInput.brokenFile(wrong.getMessage(), 0));
        }
    }

    private OwnMethodService.Changes changes(Garden garden, MethodFile from, DraftRequest request) {
        AmountReader reader = garden.reader();
        Map<String, Double> amounts = new HashMap<>();
        for (Part part : from.method().parts()) {
            String typed = request.amounts().getOrDefault(part.id(), "");
            if (!typed.isBlank()) {
                amounts.put(
                        part.id(),
                        FieldProblem.reading(
                                "amounts." + part.id(),
                                () -> reader.number(part.name(), typed, LEAST_AMOUNT, MOST_AMOUNT)));
            }
        }
        Map<String, MethodEdits.Days> windows = new HashMap<>();
        for (Stage stage : from.method().stages()) {
            DaysTyped typed = request.windows().get(stage.id());
            if (typed != null && !stage.instant()) {
                windows.put(stage.id(), days(reader, stage, typed));
            }
        }
        Map<Target, Double> strengths = new HashMap<>();
        for (Use use : from.product().uses()) {
            String typed = request.strengths().getOrDefault(use.target(), "");
            if (!typed.isBlank()) {
                strengths.put(
                        use.target(),
                        FieldProblem.reading(
                                "strengths." + use.target().name(),
                                () -> reader.number("The water to one part", typed, 0, MOST_WATER)));
            }
        }
        return new OwnMethodService.Changes(amounts, windows, strengths, added.read(garden, from, request.added()));
    }

    private static MethodEdits.Days days(AmountReader reader, Stage stage, DaysTyped typed) {
        String field = "windows." + stage.id();
        return FieldProblem.reading(field, () -> {
            double least = reader.number(stage.name() + ", earliest", typed.least(), LEAST_AMOUNT, MOST_DAYS);
            return new MethodEdits.Days(
                    least, reader.number(stage.name() + ", latest", typed.most(), least, MOST_DAYS));
        });
    }

    private DraftView view(Garden garden, MethodFile from, MethodFile draft) {
        Method method = draft.method();
        return new DraftView(
                from.method().id(),
                method.title(),
                method.school().name(),
                method.parts().stream()
                        .filter(part -> part.amount().value() != null)
                        .map(part -> new DraftPart(
                                part.id(),
                                part.name(),
                                AmountText.number(part.amount().value()),
                                part.amount().unit() == null
                                        ? "of the vessel"
                                        : part.amount().unit(),
                                part.amount().evidence().words()))
                        .toList(),
                method.stages().stream()
                        .filter(stage -> !stage.instant())
                        .map(stage -> new DraftStage(
                                stage.id(),
                                stage.name(),
                                AmountText.number(stage.windowDays().least()),
                                AmountText.number(stage.windowDays().most()),
                                stage.windowDays().evidence().words()))
                        .toList(),
                draft.product().uses().stream()
                        .map(use -> new DraftUse(
                                use.target(),
                                use.target().words(),
                                AmountText.number(use.usual().value()),
                                use.usual().evidence().words()))
                        .toList(),
                FindingView.of(methods.review(garden, draft)),
                BookYaml.write(draft),
                books.current(garden).materials().stream()
                        .filter(material -> material.refusal().isEmpty())
                        .map(material -> new DraftMaterial(material.id(), material.name(), material.liquid()))
                        .sorted(Comparator.comparing(DraftMaterial::name, String.CASE_INSENSITIVE_ORDER))
                        .toList(),
                method.fillsVessel() ? "for each litre of the vessel" : "to the amounts above");
    }

    /**
     * A method to be, as typed. What is left out stays as it is in the method it begins from.
     *
     * @param fromId the method it begins from
     * @param replaces the own method whose newer wording this is; absent for a new one
     * @param amounts by part, in the unit of the method
     * @param windows by stage, in days
     * @param strengths by target, parts of water
     * @param added parts that it didn't have
     */
    record DraftRequest(
            String fromId,
            Optional<String> replaces,
            String title,
            String school,
            Map<String, String> amounts,
            Map<String, DaysTyped> windows,
            Map<Target, String> strengths,
            List<AddedTyped> added) {
        DraftRequest {
            added = added == null ? List.of() : List.copyOf(added);
            amounts = amounts == null ? Map.of() : amounts;
            windows = windows == null ? Map.of() : windows;
            strengths = strengths == null ? Map.of() : strengths;
        }
    }

    /**
     * A part to be added.
     *
     * @param materialId a material of the book, or a brew; left out for something of one's own
     * @param own something that no book tells of
     * @param amount how much, as typed
     */
    record AddedTyped(Optional<String> materialId, Optional<OwnMaterialTyped> own, String amount) {
        AddedTyped {
            materialId = materialId == null ? Optional.empty() : materialId;
            own = own == null ? Optional.empty() : own;
        }
    }

    /**
     * Something that no book tells of.
     *
     * @param name what it is called
     * @param liquid whether it is poured
     * @param litre what a litre of it weighs, as typed
     * @param water how much of its weight is water, in percent, as typed; may be empty
     * @param sugar how much of its weight is sugar, in percent, as typed; may be empty
     */
    record OwnMaterialTyped(String name, boolean liquid, String litre, String water, String sugar) {}

    record DaysTyped(String least, String most) {}

    record Import(@Size(max = 200_000) String text) {}

    /**
     * What can be changed, and what is odd.
     *
     * @param yaml the same as an open file
     * @param materials what can be a part of it
     * @param per what the amount of a part that is added is told for, in words
     */
    record DraftView(
            String fromId,
            String title,
            String school,
            List<DraftPart> parts,
            List<DraftStage> stages,
            List<DraftUse> uses,
            List<FindingView> findings,
            String yaml,
            List<DraftMaterial> materials,
            String per) {}

    /** Something that can be a part. */
    record DraftMaterial(String id, String name, boolean liquid) {}

    record DraftPart(String id, String name, String value, String unit, String markWords) {}

    record DraftStage(String id, String name, String least, String most, String markWords) {}

    record DraftUse(Target target, String words, String water, String markWords) {}
}
