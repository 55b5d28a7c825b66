package potmellow.app.planting;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.naming.PlainName;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Crop;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

@RestController
@RequestMapping("/api/crops")
class CropController {
    private static final int LONGEST_ID = 40;

    private final GardenService gardens;
    private final CropService crops;

    CropController(GardenService gardens, CropService crops) {
        this.gardens = gardens;
        this.crops = crops;
    }

    @GetMapping
    List<CropView> crops() {
        Garden garden = gardens.current();
        List<String> own = crops.ownIds(garden);
        return crops.all(garden).stream()
                .map(crop -> view(crop, own.contains(crop.id())))
                .toList();
    }

    /** Adds a crop that the list lacks. */
    @PostMapping
    CropView add(@RequestBody DescribeCrop request) {
        Garden garden = gardens.current();
        Crop crop = crop(garden, request, CropController::slug);
        if (crops.find(garden, crop.id()).isPresent()) {
            throw new FieldProblem(
                    "name",
                    InvalidInput.unreadable(
                            "The name", crop.name(), "The list has it already: describe that one anew."));
        }
        return view(crops.keep(garden, crop), true);
    }

    /** Describes a crop anew for this garden. */
    @PutMapping("/{id}")
    CropView describe(@PathVariable String id, @RequestBody DescribeCrop request) {
        Garden garden = gardens.current();
        crops.find(garden, id).orElseThrow(() -> new Missing("crop"));
        return view(crops.keep(garden, crop(garden, request, name -> id)), true);
    }

    private static Crop crop(Garden garden, DescribeCrop request, UnaryOperator<String> idOfName) {
        PlainName name =
                FieldProblem.reading("name", () -> new PlainName(request.name() == null ? "" : request.name()));
        AmountReader reader = garden.reader();
        Map<GrowthStage, Integer> days = new LinkedHashMap<>();
        request.days().forEach((stage, text) -> {
            if (!text.isBlank()) {
                days.put(stage, (int) Math.round(FieldProblem.reading(
                        "days-" + stage.name(),
                        () -> reader.number("The days of " + stage.words(), text, 1, Crop.MOST_DAYS))));
            }
        });
        return new Crop(
                idOfName.apply(name.text()),
                name.text(),
                request.appetite(),
                request.eaten(),
                request.touched(),
                request.ironSensitive(),
                request.saltSensitive(),
                request.soil(),
                days);
    }

    /** Takes an own description back. */
    @DeleteMapping("/{id}")
    List<CropView> forget(@PathVariable String id) {
        crops.forget(gardens.current(), id);
        return crops();
    }

    private static String slug(String name) {
        String plain = name.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-+|-+$", "");
        String id = plain.isEmpty() ? "crop" : plain;
        return id.substring(0, Math.min(LONGEST_ID, id.length()));
    }

    private static CropView view(Crop crop, boolean own) {
        return new CropView(
                crop.id(),
                crop.name(),
                crop.appetite(),
                crop.appetite().words(),
                crop.eaten(),
                crop.touched(),
                crop.ironSensitive(),
                crop.saltSensitive(),
                crop.soil(),
                Arrays.stream(GrowthStage.values())
                        .map(stage ->
                                new StageDays(stage, stage.words(), crop.days().getOrDefault(stage, 0)))
                        .toList(),
                own);
    }

    /**
     * A crop as typed.
     *
     * @param days days in each stage, as typed; empty for a stage that it passes over
     */
    record DescribeCrop(
            String name,
            Appetite appetite,
            Eaten eaten,
            boolean touched,
            boolean ironSensitive,
            boolean saltSensitive,
            SoilKind soil,
            Map<GrowthStage, String> days) {
        DescribeCrop {
            days = days == null ? Map.of() : days;
        }
    }

    /**
     * A crop.
     *
     * @param days usual days in each stage; 0 for a stage that it passes over
     * @param own whether the gardener described it
     */
    record CropView(
            String id,
            String name,
            Appetite appetite,
            String appetiteWords,
            Eaten eaten,
            boolean touched,
            boolean ironSensitive,
            boolean saltSensitive,
            SoilKind soil,
            List<StageDays> days,
            boolean own) {}

    record StageDays(GrowthStage stage, String words, int days) {}
}
