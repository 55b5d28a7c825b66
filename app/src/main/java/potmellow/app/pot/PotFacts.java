package potmellow.app.pot;

import java.util.List;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.pot.Level;

/**
 * Everything on record about a pot.
 *
 * @param batch the pot
 * @param checks its visits, oldest first, with those before it was split off another
 * @param readings its readings, likewise
 * @param drawn what was drawn from it while it stood, as much of that as would be its part today
 */
record PotFacts(Batch batch, List<Check> checks, List<MeterEntry> readings, List<Level.Drawing> drawn) {}
