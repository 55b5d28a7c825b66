package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import potmellow.core.craft.Act;
import potmellow.core.craft.Family;
import potmellow.core.craft.StatedRange;

/**
 * A way to make one brew.
 *
 * @param id stable id, the name of its file
 * @param family what it ripens and spoils like
 * @param product id of what it makes
 * @param byproducts ids of what it gives besides
 * @param title the brew's plain name
 * @param school which way of making it
 * @param parts what goes in; the first is the one that people have in hand
 * @param makes what comes out
 * @param batch the batch that somebody would brew; empty where nobody told it
 * @param vessel what it asks of its vessel
 * @param place what it asks of its place
 * @param stages in order, at least one
 * @param steps what to do, in order
 * @param slips the mistakes most often made, shown with the steps
 * @param claims what the school says, and what people disagree on
 * @param saidMoisture the moisture that people tell it for, as shares; empty where nobody does
 * @param cautions dangers of this way, besides those of its product
 */
public record Method(
        String id,
        Family family,
        String product,
        List<String> byproducts,
        String title,
        School school,
        List<Part> parts,
        Output makes,
        Optional<BatchSize> batch,
        VesselNeed vessel,
        PlaceNeed place,
        List<Stage> stages,
        List<Instruction> steps,
        List<String> slips,
        List<Claim> claims,
        Optional<StatedRange> saidMoisture,
        List<Caution> cautions) {
    private static final Pattern ID = Pattern.compile("[a-z][a-z0-9-]{1,58}");
    private static final Pattern WORD = Pattern.compile("\\{([a-z-]+)}");
    private static final Set<String> OTHER_WORDS = Set.of("vessel", "lid", "place");

    public Method {
        requireNonNull(family, "family");
        requireNonNull(school, "school");
        requireNonNull(product, "product");
        requireNonNull(title, "title");
        if (id == null || !ID.matcher(id).matches()) {
            throw new IllegalArgumentException(
                    "The id (" + id + ") must be small letters, digits and dashes, at most 59 of them.");
        }
        byproducts = byproducts == null ? List.of() : List.copyOf(byproducts);
        parts = told(id, "parts", parts);
        stages = told(id, "stages", stages);
        steps = told(id, "steps", steps);
        told(id, "yield (makes)", makes);
        makes = makes instanceof Output.Counted counted ? counted.today() : makes;
        told(id, "vessel", vessel);
        told(id, "place", place);
        batch = batch == null ? Optional.empty() : batch;
        slips = slips == null ? List.of() : List.copyOf(slips);
        claims = claims == null ? List.of() : List.copyOf(claims);
        saidMoisture = saidMoisture == null ? Optional.empty() : saidMoisture;
        cautions = cautions == null ? List.of() : List.copyOf(cautions);
        if (stages.isEmpty()) {
            throw new IllegalArgumentException("The method " + id + " needs a stage.");
        }
        if (parts.isEmpty() || !parts.get(0).scales()) {
            throw new IllegalArgumentException("The method " + id + " needs a first part that grows with the batch.");
        }
        requireParts(id, parts, makes, batch, vessel);
        requireWords(id, parts, steps);
    }

    private static <T> List<T> told(String id, String what, List<T> list) {
        told(id, what, (Object) list);
        return List.copyOf(list);
    }

    private static void told(String id, String what, Object value) {
        if (value == null) {
            throw new IllegalArgumentException("The method " + id + " must tell its " + what + ".");
        }
    }

    private static void requireParts(
            String id, List<Part> parts, Output makes, Optional<BatchSize> batch, VesselNeed vessel) {
        Set<String> ids = new HashSet<>();
        for (Part part : parts) {
            require(ids.add(part.id()), "The method " + id + " has two parts called " + part.id() + ".");
        }
        boolean share = tells(parts, Basis.VESSEL);
        require(
                share == tells(parts, Basis.REST),
                "The method " + id + " must tell both a share of the vessel and what fills the rest, or neither.");
        require(
                share || !tells(parts, Basis.STARTER),
                "The method " + id
                        + " has a starter by the litre, so it must tell a share of the vessel: that tells the litres.");
        requireCounted(id, ids, makes, batch, vessel);
    }

    private static void requireCounted(
            String id, Set<String> ids, Output makes, Optional<BatchSize> batch, VesselNeed vessel) {
        batch.filter(size -> !size.ofOutput() && !size.ofVessel())
                .ifPresent(size -> require(
                        ids.contains(size.of()),
                        "The batch of " + id + " is counted on " + size.of()
                                + ", which is none of its parts, nor makes or vessel."));
        if (makes instanceof Output.Counted counted) {
            require(
                    ids.contains(counted.of()),
                    "The yield of " + id + " is counted on " + counted.of() + ", which is none of its parts.");
        }
        vessel.foamsOver()
                .ifPresent(liquid -> require(
                        ids.contains(liquid),
                        "The method " + id + " foams over " + liquid + ", which is none of its parts."));
    }

    private static boolean tells(List<Part> parts, Basis basis) {
        return parts.stream().anyMatch(part -> part.amount().basis() == basis);
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }

    private static void requireWords(String id, List<Part> parts, List<Instruction> steps) {
        for (Instruction step : steps) {
            Matcher words = WORD.matcher(step.words());
            while (words.find()) {
                String word = words.group(1);
                if (!OTHER_WORDS.contains(word) && Part.find(parts, word).isEmpty()) {
                    throw new IllegalArgumentException("A step of " + id + " names {" + word
                            + "}, which is none of its parts, nor vessel, lid or place.");
                }
            }
        }
    }

    /** The part that people have in hand and everything else follows. */
    public Part main() {
        return parts.get(0);
    }

    public Optional<Part> part(String partId) {
        return Part.find(parts, partId);
    }

    /** Whether it is told by how full the vessel is rather than by weights. */
    public boolean fillsVessel() {
        return parts.stream().anyMatch(part -> part.amount().basis() == Basis.VESSEL);
    }

    /** Whether it is filled bit by bit, its clock starting at the last fill. */
    public boolean filledOverDays() {
        return lastStage().starts() == Stage.Starts.LAST_FILL;
    }

    /** Whether it is drawn from and topped up for months, so that its contents have an age of their own. */
    public boolean toppedUp() {
        return family == Family.ANAEROBIC
                && stages.stream()
                        .flatMap(stage -> stage.care().stream())
                        .anyMatch(care -> care.act() == Act.TOPPED_UP);
    }

    /** The stage that the brew is ready after. */
    public Stage lastStage() {
        return stages.get(stages.size() - 1);
    }

    /** Whether it is ready as soon as it is made. */
    public boolean instant() {
        return lastStage().instant();
    }

    /** A step for the card of a recipe, where no amount is reckoned yet: names in place of amounts. */
    public String plain(Instruction step) {
        String words = step.words().replace("{" + main().id() + "} of ", "");
        for (Part part : parts) {
            String name = part.name();
            words = words.replace(
                    "{" + part.id() + "}", name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1));
        }
        return words.replace("{vessel}", "the " + vessel.kinds().get(0).words())
                .replace("{lid}", vessel.lids().get(0).words())
                .replace("{place}", place.words());
    }
}
