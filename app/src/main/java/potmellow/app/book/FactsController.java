package potmellow.app.book;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.core.book.Book;
import potmellow.core.book.Fact;
import potmellow.core.book.Material;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.vessel.Gas;
import potmellow.core.vessel.Lid;
import potmellow.core.water.DissolvedOxygen;
import potmellow.core.working.Evidence;

/** The craft's numbers that belong to no single method: what things weigh, lids and gas, water, keeping, safety. */
@RestController
class FactsController {
    private static final double[] OXYGEN_AT = {0, 5, 10, 15, 20, 25, 30};
    private static final String OXYGEN_SOURCE = "Benson & Krause 1984, as in the APHA and USGS tables";
    private final List<Fact> facts = Book.facts();
    private final BookService books;

    FactsController(BookService books) {
        this.books = books;
    }

    @GetMapping("/api/book/facts")
    FactsView facts() {
        return new FactsView(
                facts.stream().map(FactsController::page).toList(),
                books.shipped().materials().stream()
                        .map(FactsController::weight)
                        .toList(),
                lids(),
                oxygen());
    }

    private static FactPage page(Fact fact) {
        return new FactPage(
                fact.id(),
                fact.title(),
                fact.facts().stream()
                        .map(line -> new FactLine(
                                line.words(),
                                new Evidence(line.mark(), line.derived(), line.source()).words(),
                                line.source()))
                        .toList());
    }

    private static MaterialLine weight(Material material) {
        return new MaterialLine(
                material.name(),
                AmountText.number(material.density()) + " kg/L",
                material.waterShare().map(FactsController::percent).orElse(""),
                material.sugarShare().map(FactsController::percent).orElse(""),
                material.counted()
                        .map(counted -> "1 " + counted.one() + " "
                                + AmountText.number(counted.grams().value()) + " g")
                        .orElse(""),
                material.bulkDensityKilogramsPerLitre().evidence().words());
    }

    private static String percent(Stated share) {
        return AmountText.percent(share.value());
    }

    private static List<LidLine> lids() {
        List<LidLine> lines = new ArrayList<>();
        for (Lid lid : Lid.values()) {
            lines.add(new LidLine(
                    lid.words(),
                    Arrays.stream(Gas.values())
                            .map(gas -> new LidCell(gas.words(), lid.lets(gas)))
                            .toList()));
        }
        return lines;
    }

    private static List<OxygenLine> oxygen() {
        return Arrays.stream(OXYGEN_AT)
                .mapToObj(celsius -> new OxygenLine(
                        AmountText.number(celsius) + " °C",
                        AmountText.number(DissolvedOxygen.saturation(celsius, 0), 2) + " mg/L",
                        OXYGEN_SOURCE))
                .toList();
    }

    record FactsView(List<FactPage> pages, List<MaterialLine> materials, List<LidLine> lids, List<OxygenLine> oxygen) {}

    record FactPage(String id, String title, List<FactLine> lines) {}

    record FactLine(String words, String markWords, String source) {}

    record MaterialLine(String name, String density, String water, String sugar, String counted, String markWords) {}

    record LidLine(String lid, List<LidCell> cells) {}

    record LidCell(String gas, boolean allowed) {}

    record OxygenLine(String temperature, String saturation, String source) {}
}
