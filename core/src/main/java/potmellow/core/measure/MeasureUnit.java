package potmellow.core.measure;

import java.util.List;

/** A unit a gardener may type: its size in the base unit of its quantity (g, mL or m²), its symbol and its spellings. */
public sealed interface MeasureUnit permits MassUnit, VolumeUnit, AreaUnit {
    double size();

    String symbol();

    List<String> spellings();

    default boolean isSpelt(String text) {
        return symbol().equalsIgnoreCase(text) || spellings().stream().anyMatch(text::equalsIgnoreCase);
    }
}
