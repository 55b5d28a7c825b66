package potmellow.app.planting;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.planting.PlantingRequests.DescribePlanting;
import potmellow.app.planting.PlantingRequests.Grow;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Crop;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

@RestController
@RequestMapping("/api/plantings")
class PlantingController {
    private final GardenService gardens;
    private final PlantingService plantings;
    private final CropService crops;
    private final Clock clock;

    PlantingController(GardenService gardens, PlantingService plantings, CropService crops, Clock clock) {
        this.gardens = gardens;
        this.plantings = plantings;
        this.crops = crops;
        this.clock = clock;
    }

    @GetMapping
    List<PlantingView> plantings() {
        Garden garden = gardens.current();
        return plantings.all(garden).stream()
                .map(planting -> view(garden, planting))
                .toList();
    }

    /** Adds a planting. The Idempotency-Key becomes its id, so that a repeated request adds nothing twice. */
    @PostMapping
    PlantingView add(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody DescribePlanting request) {
        Garden garden = gardens.current();
        return view(
                garden,
                plantings.add(
                        garden,
                        key.orElseGet(UUID::randomUUID),
                        request.read(garden),
                        request.stage(),
                        clock.instant()));
    }

    @PutMapping("/{id}")
    PlantingView change(@PathVariable UUID id, @RequestBody DescribePlanting request) {
        Garden garden = gardens.current();
        return view(garden, plantings.change(garden, id, request.read(garden), request.version()));
    }

    @PutMapping("/{id}/stage")
    PlantingView grow(@PathVariable UUID id, @RequestBody Grow request) {
        Garden garden = gardens.current();
        return view(garden, plantings.grow(garden, id, request.stage(), clock.instant()));
    }

    @PostMapping("/{id}/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id) {
        plantings.end(gardens.current(), id, clock.instant());
    }

    private PlantingView view(Garden garden, Planting planting) {
        Planting.About about = planting.about();
        Optional<Crop> crop = about.cropId().flatMap(id -> crops.find(garden, id));
        LocalDate today = garden.day(clock.instant());
        Optional<GrowthStage> usual = about.sown()
                .flatMap(day -> crop.flatMap(known -> known.usualStage(today.toEpochDay() - day.toEpochDay())));
        Optional<Need.OfPots> pots = about.size() instanceof Need.OfPots size ? Optional.of(size) : Optional.empty();
        Optional<Need.OfArea> bed = about.size() instanceof Need.OfArea size ? Optional.of(size) : Optional.empty();
        return new PlantingView(
                planting.id(),
                planting.name(),
                crop.map(Crop::id),
                crop.map(Crop::name).orElse(""),
                planting.stage(),
                planting.stage().words(),
                planting.stage().wants(),
                usual.filter(stage -> stage != planting.stage())
                        .map(GrowthStage::words)
                        .orElse(""),
                stages(crop, planting.stage()),
                size(planting.size(), garden.units()),
                bed.map(size -> AmountText.area(size.area(), garden.units())).orElse(""),
                pots.map(size -> String.valueOf(size.count())).orElse(""),
                pots.map(size -> AmountText.volume(size.each(), garden.units())).orElse(""),
                about.appetite(),
                about.soil(),
                about.eaten(),
                about.touched(),
                about.ironSensitive(),
                about.saltSensitive(),
                about.sheltered(),
                about.sown(),
                about.harvest(),
                planting.version());
    }

    /** The stages of its crop, and the one that it is in; all of them where nobody said what it is. */
    private static List<StageView> stages(Optional<Crop> crop, GrowthStage now) {
        return Arrays.stream(GrowthStage.values())
                .filter(stage -> stage == now
                        || crop.map(known -> known.stages().contains(stage)).orElse(true))
                .map(stage -> new StageView(stage, stage.words()))
                .toList();
    }

    private static String size(Need need, UnitSystem units) {
        if (need instanceof Need.OfPots pots) {
            return pots.count() + " × " + AmountText.volume(pots.each(), units);
        }
        return need instanceof Need.OfArea bed ? AmountText.area(bed.area(), units) : "";
    }

    /**
     * A planting.
     *
     * @param wants what its stage wants, a sentence
     * @param usualStage the stage that its crop usually is in by now, where that is another one; empty otherwise
     * @param stages the stages that it goes through
     * @param size bed or pots, in words
     * @param area the bed as typed; empty for pots
     * @param pots how many pots; empty for a bed
     * @param pot what one pot holds; empty for a bed
     */
    record PlantingView(
            UUID id,
            String name,
            Optional<String> cropId,
            String crop,
            GrowthStage stageId,
            String stage,
            String wants,
            String usualStage,
            List<StageView> stages,
            String size,
            String area,
            String pots,
            String pot,
            Appetite appetite,
            SoilKind soil,
            Eaten eaten,
            boolean touched,
            boolean ironSensitive,
            boolean saltSensitive,
            boolean sheltered,
            Optional<LocalDate> sown,
            Optional<LocalDate> harvest,
            int version) {}

    record StageView(GrowthStage stage, String words) {}
}
