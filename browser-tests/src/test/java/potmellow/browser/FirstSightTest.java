package potmellow.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the first sight of a view takes: what is fetched for it, and whether it stays where it was drawn. */
class FirstSightTest extends GardenWalk {
    /** All that moved by itself since the page began, as a share of the screen (Layout Instability, W3C draft). */
    private static final String MOVED =
            "() => new Promise(done => { new PerformanceObserver(list => done(list.getEntries()"
                    + ".filter(one => !one.hadRecentInput).reduce((sum, one) => sum + one.value, 0)))"
                    + ".observe({ type: 'layout-shift', buffered: true }); setTimeout(() => done(0), 500); })";

    private static final String SENT = "kind => Object.fromEntries(performance.getEntriesByType('resource')"
            + ".filter(one => one.name.endsWith(kind)).map(one => [one.name.split('/').pop(), one.encodedBodySize]))";

    @OnlyReads
    @ParameterizedTest
    @CsvSource({
        "PHONE, /round",
        "TABLE, /round",
        "PHONE, /pots",
        "TABLE, /pots",
        "PHONE, /mix",
        "TABLE, /mix",
        "PHONE, /garden",
        "TABLE, /garden",
        "PHONE, /plan",
        "TABLE, /plan"
    })
    void staysWhereItWasDrawn(Screen screen, String view) {
        Page page = open(screen, view);
        page.locator("h1").first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(((Number) page.evaluate(MOVED)).doubleValue()).isLessThan(0.05);
    }

    /** In kilobytes as they are sent: bars of the brief, a quarter above a bare page of the same libraries. */
    @OnlyReads
    @ParameterizedTest
    @CsvSource({"js, 136", "css, 50", "woff2, 60"})
    void fetchesNoMoreThanItsShare(String kind, int kilobytes) {
        Page page = open(Screen.PHONE, "/round");
        page.locator("h1").first().waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        Map<?, ?> sent = (Map<?, ?>) page.evaluate(SENT, "." + kind);
        assertThat(sent.values().stream()
                        .mapToInt(bytes -> ((Number) bytes).intValue())
                        .sum())
                .as("bytes sent of " + sent)
                .isPositive()
                .isLessThanOrEqualTo(kilobytes * 1000);
    }
}
