package potmellow.core.pantry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Reach;
import potmellow.core.strength.Target;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Every method that becomes possible with what is in hand: how much it gives, what ends first, how far it would feed, and what
 * is missing for the near misses.
 *
 * @param book the book
 * @param system the units of the garden
 */
public record WhatCanIMake(Book book, UnitSystem system) {
    /** A method that lacks more than this is no near miss. */
    private static final int MOST_MISSING = 2;

    /** What can be made now first, then the near misses; within each, what gives most feed first. */
    public List<Possible> from(Pantry pantry) {
        List<Possible> all = new ArrayList<>();
        for (Method method : book.methods()) {
            possible(method, pantry).ifPresent(all::add);
        }
        all.sort(Comparator.comparing((Possible one) -> one.missing().size())
                .thenComparing(Comparator.comparingDouble((Possible one) ->
                                one.feeds().map(Area::squareMetres).orElse(0.0))
                        .reversed())
                .thenComparing(one -> book.methods().indexOf(one.method())));
        return all;
    }

    private Optional<Possible> possible(Method method, Pantry pantry) {
        Map<String, Quantity> have = new HashMap<>();
        Map<String, Material> chosen = new HashMap<>();
        List<String> missing = new ArrayList<>();
        for (Part part : method.parts()) {
            Optional<Pantry.Thing> thing = thing(part, pantry);
            if (thing.isPresent()) {
                chosen.put(part.id(), thing.get().material());
                have.put(part.id(), thing.get().amount());
            } else if (!there(part)) {
                missing.add(book.usual(part).name());
            }
        }
        if (have.isEmpty() || missing.size() > MOST_MISSING || lacksItsHeart(method, have)) {
            return Optional.empty();
        }
        return Reach.of(book, method, have, chosen, pantry.vessels(), system).map(reach -> {
            reach.tooSmall().ifPresent(more -> missing.add(0, more));
            return told(method, chosen, have, reach, missing);
        });
    }

    /** Without its first part a method isn't nearly possible: sugar alone makes no fish amino acids. */
    private boolean lacksItsHeart(Method method, Map<String, Quantity> have) {
        Part main = method.main();
        return !have.containsKey(main.id()) && !there(main);
    }

    private boolean there(Part part) {
        return part.optional()
                || part.choices().stream()
                        .flatMap(choice -> book.material(choice).stream())
                        .anyMatch(material -> material.found() == Material.Found.TAP);
    }

    private static Optional<Pantry.Thing> thing(Part part, Pantry pantry) {
        return part.choices().stream()
                .flatMap(choice -> pantry.things().stream()
                        .filter(thing -> thing.material().id().equals(choice)))
                .findFirst();
    }

    private Possible told(
            Method method,
            Map<String, Material> chosen,
            Map<String, Quantity> have,
            Reach reach,
            List<String> missing) {
        Product product = book.productOf(method);
        Optional<Use> soil = product.find(Target.SOIL).filter(use -> use.status() == Use.Status.ALLOWED);
        Optional<Volume> mix = soil.map(use -> use.usualRatio().makes(product.volume(reach.makes())));
        Map<String, String> materials = new HashMap<>();
        chosen.forEach((part, material) -> materials.put(part, material.id()));
        return new Possible(
                method,
                materials,
                main(method, have, reach),
                reach.makes(),
                limit(reach),
                mix.map(volume -> Need.covers(volume, Target.SOIL, system).value()),
                mix,
                reach.vessel(),
                missing);
    }

    private String limit(Reach reach) {
        return reach.limit()
                .map(part -> "What ends first: " + part.name().toLowerCase(Locale.ROOT) + ".")
                .orElseGet(() -> "The vessel ends it: all of it wants "
                        + AmountText.volume(Volume.ofMillilitres(reach.needed()), system) + ".");
    }

    private Working<Quantity> main(Method method, Map<String, Quantity> have, Reach reach) {
        String[] figures = have.entrySet().stream()
                .flatMap(entry -> Stream.of(
                        method.part(entry.getKey()).orElseThrow().name(),
                        entry.getValue().text(system)))
                .toArray(String[]::new);
        Step step = Step.of(
                "The part that allows the smallest batch limits it, or the vessel does.",
                reach.main().text(system) + " of " + method.main().name().toLowerCase(Locale.ROOT),
                method.makes().evidence(),
                figures);
        return Working.of(reach.main(), step);
    }
}
