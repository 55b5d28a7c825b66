package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** From the store, to the store, and back: brewed parts, wrong pots, cans, and notebooks of earlier days. */
class StoreTest extends GardenWalk {
    private static final String CULTURE = "/pots/new?method=activated-culture&in.serum=100%20mL";

    @ParameterizedTest
    @EnumSource(Screen.class)
    void takesTheSerumOutOfTheStoreAndWritesTheFamilyLine(Screen screen) {
        Page page = open(screen, CULTURE);
        assertThat(page.locator(".supply")).containsText("100 mL from P");
        assertThat(field(page, "Where Lactic serum comes from")).isVisible();
        page.getByLabel("The water has stood already").check();
        buttonLike(page, "Set this pot in").click();
        page.locator(".pot-main h1").waitFor();
        assertThat(page.locator(".pot-side")).containsText("from 100 mL of Galley serum");
    }

    @Test
    void saysThatNoGutMotherIsInStoreAndPlansOne() {
        Page page = open(Screen.PHONE, "/pots/new?method=gut-brew");
        assertThat(page.locator(".supply")).containsText("none in store. Made anew it takes 60 to 75 days.");
        page.locator(".supply").getByText("plan it").click();
        assertThat(field(page, "Brew")).hasValue("gut-mother");
        button(page, "Count back from it").click();
        assertThat(page.locator(".plan")).containsText("Gut mother");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void putsAPotBackThatWasEmptiedByMistake(Screen screen) {
        Page page = open(screen, PLANT_JUICE);
        field(page, "Name of the pot").fill("Not this one");
        field(page, "Set when?").fill("8 May at 8");
        buttonLike(page, "Set this pot in").click();
        page.locator(".pot-main h1").waitFor();
        buttonLike(page, "Strained: fill a bottle").click();
        Locator early = button(page, "Strain it early");
        assertThat(early.or(page.locator(".label-line"))).isVisible();
        if (early.isVisible()) {
            early.click();
        }
        assertThat(page.locator(".label-line")).isVisible();
        buttonLike(page, "Put it back into").click();
        assertThat(page.locator(".label-line")).hasCount(0);
        assertThat(buttonLike(page, "Strained: fill a bottle")).isVisible();
    }

    @Test
    void drainsTheBinIntoACanAndMixesFromIt() {
        Page page = open(Screen.PHONE, "/pots");
        page.getByText("Galley bin").first().click();
        field(page, "What drained off: bin liquid").fill("300 mL");
        button(page, "Drained the tap")
                .or(buttonLike(page, "Drained the tap, log it"))
                .first()
                .click();
        assertThat(page.locator(".label-line")).containsText("soil 1:100");
        buttonLike(page, "Mix from P").or(page.getByText("Mix from P")).first().click();
        assertThat(buttonLike(page, "Poured: take")).isVisible();
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void takesANotebookOfEarlierDaysIn(Screen screen) {
        Page page = open(screen, "/garden/notebook");
        field(page, "Or paste it")
                .fill("Day;Notes;How much;Bed\n4 May 2026;watered;;Winter squash\nsomeday;mowed;;moon\n");
        assertThat(page.getByText("4 May 2026: watered Winter squash")).isVisible();
        assertThat(page.locator("tr.bad")).containsText("Can't be taken in");
        page.getByLabel("Leave out line 3").check();
        button(page, "Take 1 line in").click();
        assertThat(page.getByText("1 line; what was known counts once.")).isVisible();
        assertThat(page.getByText("known already")).isVisible();
    }

    @Test
    void writesAFeedOfYesterdayDown() {
        Page page = open(Screen.PHONE, "/garden");
        buttonLike(page, "Winter squash").first().click();
        button(page, "fed already …").click();
        field(page, "What they got").selectOption("nettle-liquid");
        field(page, "How strong").fill("1:10");
        field(page, "When it was poured").fill("yesterday at 8");
        button(page, "Write it down").click();
        assertThat(page.locator(".bed.open .bed-head")).containsText("nettle liquid 1:10");
    }
}
