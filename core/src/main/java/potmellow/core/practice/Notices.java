package potmellow.core.practice;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import potmellow.core.craft.Family;

/** Finds in a pot's past what whoever passes by would have noticed. From what amount on stands in {@link Senses}. */
final class Notices {
    private final Brew brew;
    private final Body body;
    private final Trail trail;
    private final List<Happening> found = new ArrayList<>();
    private final Set<Happening.What> now = EnumSet.noneOf(Happening.What.class);

    Notices(Brew brew, Body body, Moment first) {
        this.brew = brew;
        this.body = body;
        this.trail = new Trail(first);
    }

    /** All of a past, oldest first. */
    static List<Happening> of(Brew brew, PracticePot pot) {
        Notices notices = new Notices(brew, pot.body(), pot.past().get(0));
        pot.past().stream().skip(1).forEach(notices::add);
        return List.copyOf(notices.found);
    }

    private void add(Moment moment) {
        trail.add(moment);
        boolean bubbles = trail.gasOfDay() > Senses.FEW_BUBBLES;
        notice(moment, bubbles && bubbling(), Happening.What.BUBBLES_BEGIN);
        if (now.contains(Happening.What.BUBBLES_BEGIN)) {
            notice(moment, bubbling() && trail.gasOfDay() < Senses.FEW_BUBBLES / 2, Happening.What.BUBBLES_STOP);
        }
        top(moment);
        smell(moment);
        inside(moment);
        notice(moment, moment.bar() > Fate.BULGES_BAR, Happening.What.LID_BULGES);
        notice(moment, moment.bar() > Fate.BURSTS_BAR, Happening.What.BURSTS);
    }

    private boolean bubbling() {
        Family family = brew.family();
        return family == Family.SUGAR || family == Family.LACTIC || family == Family.ANAEROBIC;
    }

    private void top(Moment moment) {
        boolean mould = Surface.cm2(moment.contents().of(Pool.MOULD)) > Senses.SEEN_CM2;
        boolean film = Surface.covered(moment.contents().of(Pool.AEROBES), body.surface()) > Senses.FILM_SHARE;
        boolean liquid = !body.damp() && body.blown() == 0;
        notice(moment, mould, Happening.What.MOULD_SHOWS);
        notice(moment, liquid && film, Happening.What.FILM_SHOWS);
    }

    private void smell(Moment moment) {
        boolean stinks =
                moment.gramsPerLitre(Pool.BUTYRIC) > (brew.family() == Family.TEA ? Fate.TEA_ROTTEN : Fate.ROTTEN);
        if (now.contains(Happening.What.STINK_BEGINS)) {
            notice(moment, !stinks, Happening.What.STINK_GOES);
        }
        notice(moment, stinks, Happening.What.STINK_BEGINS);
        boolean sours = brew.family() == Family.SUGAR || brew.family() == Family.LACTIC || brew.family() == Family.BRAN;
        notice(moment, sours && moment.mixture().ph() < Senses.SOUR_PH, Happening.What.QUIETLY_SOUR);
    }

    private void inside(Moment moment) {
        double cells = moment.gramsPerLitre(Pool.AEROBES);
        if (brew.family() == Family.FOREST) {
            double web = brew == Brew.FOREST_HEAP ? Ripe.HEAP_GRAMS : Ripe.WEB_GRAMS;
            notice(moment, cells > Senses.WEB_BEGINS * web, Happening.What.THREADS_BEGIN);
            notice(moment, cells > web, Happening.What.WEB_THROUGH);
            notice(moment, moment.contents().celsius() > Fate.TOO_HOT, Happening.What.TOO_HOT);
        }
        if (brew.family() == Family.TEA) {
            double before = trail.first().gramsPerLitre(Pool.AEROBES);
            notice(moment, cells > Senses.FOAM * before, Happening.What.FOAM);
        }
        if (brew == Brew.LACTIC_SERUM_EVEN || brew == Brew.LACTIC_SERUM_MILK_RICH) {
            notice(moment, trail.partingHours() > Ripe.PARTED_HOURS, Happening.What.CURD_PARTS);
        }
    }

    /** Noticed once, when it begins. */
    private void notice(Moment moment, boolean so, Happening.What what) {
        if (so && now.add(what)) {
            found.add(new Happening(moment.hour(), what));
        }
    }
}
