package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.feeding.Addition;
import potmellow.core.strength.Target;

/**
 * What is to be mixed. Amounts come as typed; what is left out is filled in.
 *
 * @param brews what goes into the water, one to six
 * @param plantingIds what it is for; may be empty
 * @param target where it goes
 * @param area the ground to be fed; wins over the plantings' own
 * @param mix the finished mix wanted; used where no area is given
 * @param pots how many pots there are; used where neither area nor mix is given
 * @param potSize what one of the pots holds
 * @param perPot the dose for each pot; wins over what it holds
 * @param can what one filling holds
 * @param at the moment that it is mixed for; now, if left out or past
 * @param when when it was poured, as it is said, where it is written down afterwards; now, if left out
 * @param confirmed ids of the rules that advise against it and are passed over all the same
 */
public record MixRequest(
        List<BrewWish> brews,
        List<UUID> plantingIds,
        Target target,
        Optional<String> area,
        Optional<String> mix,
        Optional<String> pots,
        Optional<String> potSize,
        Optional<String> perPot,
        String can,
        Optional<Instant> at,
        Optional<String> when,
        List<String> confirmed) {
    public MixRequest {
        brews = brews == null ? List.of() : List.copyOf(brews);
        plantingIds = plantingIds == null
                ? List.of()
                : plantingIds.stream().distinct().toList();
        area = area == null ? Optional.empty() : area;
        mix = mix == null ? Optional.empty() : mix;
        pots = pots == null ? Optional.empty() : pots;
        potSize = potSize == null ? Optional.empty() : potSize;
        perPot = perPot == null ? Optional.empty() : perPot;
        at = at == null ? Optional.empty() : at;
        when = when == null ? Optional.empty() : when.filter(text -> !text.isBlank());
        confirmed = confirmed == null ? List.of() : List.copyOf(confirmed);
    }

    /** The bottles that are asked for, each once. */
    Set<UUID> bottles() {
        return brews.stream()
                .flatMap(brew -> Stream.concat(brew.bottleId().stream(), brew.rest().stream()))
                .collect(Collectors.toSet());
    }

    /**
     * One brew of a mix.
     *
     * @param bottleId the bottle it comes from; absent for something from the kitchen
     * @param addition what from the kitchen; absent for a bottle
     * @param strength the strength as typed, in any dress; the advised one where left out
     * @param rest another bottle of the same brew, from which comes what the first is short of
     */
    public record BrewWish(
            Optional<UUID> bottleId, Optional<Addition> addition, Optional<String> strength, Optional<UUID> rest) {
        public BrewWish {
            bottleId = bottleId == null ? Optional.empty() : bottleId;
            addition = addition == null ? Optional.empty() : addition;
            strength = strength == null ? Optional.empty() : strength.filter(text -> !text.isBlank());
            rest = rest == null ? Optional.empty() : rest;
        }

        /** A brew from a bottle at its advised strength. */
        public static BrewWish of(UUID bottle) {
            return new BrewWish(Optional.of(bottle), Optional.empty(), Optional.empty(), Optional.empty());
        }
    }
}
