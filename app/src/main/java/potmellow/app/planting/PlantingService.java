package potmellow.app.planting;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.feeding.Look;
import potmellow.core.planting.GrowthStage;

/** The plantings of a garden: what they are, how far they have grown, what they showed, when they were watered. */
@Service
public class PlantingService {
    private final PlantingRepository plantings;
    private final LookRepository looks;
    private final Acts acts;

    PlantingService(PlantingRepository plantings, LookRepository looks, Acts acts) {
        this.plantings = plantings;
        this.looks = looks;
        this.acts = acts;
    }

    /** Plantings that stand, by name. */
    @Transactional(readOnly = true)
    public List<Planting> all(Garden garden) {
        return plantings.all(garden.id());
    }

    /**
     * Some plantings that stand, by name, each once.
     *
     * @throws Missing where one of them doesn't stand in this garden
     */
    @Transactional(readOnly = true)
    public List<Planting> standing(Garden garden, Collection<UUID> ids) {
        List<Planting> some = all(garden).stream()
                .filter(planting -> ids.contains(planting.id()))
                .toList();
        if (some.size() < Set.copyOf(ids).size()) {
            throw new Missing("planting");
        }
        return some;
    }

    /** @throws Missing where the garden has no such planting */
    @Transactional(readOnly = true)
    public Planting get(Garden garden, UUID id) {
        return plantings.find(garden.id(), id).orElseThrow(() -> new Missing("planting"));
    }

    /** Adds a planting; asked again with the same id it changes nothing. */
    @Transactional
    public Planting add(Garden garden, UUID id, Planting.About about, GrowthStage stage, Instant at) {
        if (acts.first(garden, id, "plant", about.toString(), stage)) {
            plantings.insert(garden.id(), new Planting(id, stage, about, 0));
            plantings.insertStage(garden.id(), id, stage, at);
        }
        return get(garden, id);
    }

    /**
     * Describes a planting anew.
     *
     * @param version the version that the gardener saw
     * @throws Conflict where it was changed meanwhile
     */
    @Transactional
    public Planting change(Garden garden, UUID id, Planting.About about, int version) {
        plantings.lock(garden.id(), id);
        Planting before = get(garden, id);
        if (before.version() != version) {
            throw new Conflict(
                    "stale", before.name() + " was changed from another page meanwhile. Look again, then repeat this.");
        }
        plantings.update(garden.id(), new Planting(id, before.stage(), about, version));
        return get(garden, id);
    }

    /** Notes that a planting has grown into another stage. */
    @Transactional
    public Planting grow(Garden garden, UUID id, GrowthStage stage, Instant at) {
        Planting before = get(garden, id);
        if (before.stage() != stage) {
            plantings.insertStage(garden.id(), id, stage, at);
        }
        return get(garden, id);
    }

    /** Clears a planting away; its history stays. */
    @Transactional
    public void end(Garden garden, UUID id, Instant at) {
        get(garden, id);
        plantings.end(garden.id(), id, at);
    }

    /** Writes down what was seen; asked again with the same id it changes nothing. */
    @Transactional
    public void look(Garden garden, UUID id, UUID planting, Look look, boolean dry, String note, Instant at) {
        if (acts.first(garden, id, "look", planting, look, dry, note)) {
            plantings.lock(garden.id(), get(garden, planting).id());
            looks.insert(garden.id(), new PlantLog(id, planting, at, look, dry, note, false));
        }
    }

    /** Strikes a look that was wrong. */
    @Transactional
    public void strikeLook(Garden garden, UUID id, Instant at) {
        if (!looks.has(garden.id(), id)) {
            throw new Missing("look");
        }
        looks.strike(garden.id(), id, at);
    }

    /** Writes a plain watering down; asked again with the same id it changes nothing. */
    @Transactional
    public void water(Garden garden, UUID id, UUID planting, Instant at) {
        if (acts.first(garden, id, "water", planting)) {
            looks.insertWatering(garden.id(), id, get(garden, planting).id(), at);
        }
    }

    /** All looks since a moment, oldest first, struck ones too. */
    @Transactional(readOnly = true)
    public List<PlantLog> looks(Garden garden, Instant since) {
        return looks.looks(garden.id(), since);
    }

    /** Plain waterings since a moment, oldest first, struck ones too. */
    @Transactional(readOnly = true)
    public List<Watering> waterings(Garden garden, Instant since) {
        return looks.waterings(garden.id(), since);
    }

    /** Strikes a watering that was wrong. */
    @Transactional
    public void strikeWatering(Garden garden, UUID id, Instant at) {
        if (!looks.strikeWatering(garden.id(), id, at)) {
            throw new Missing("watering");
        }
    }

    /** What every planting is or was called, those that were cleared away too. */
    @Transactional(readOnly = true)
    public Map<UUID, String> names(Garden garden) {
        return plantings.names(garden.id());
    }
}
