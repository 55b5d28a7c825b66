package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What harms is refused, with its reason, where it is chosen. */
class RefusalsTest extends GardenWalk {
    @Test
    void refusesWhiteSugar() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Sugar").selectOption("white-sugar");
        assertThat(alert(page, "White sugar is not used for plant juice")).isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
        field(page, "Sugar").selectOption("jaggery");
        assertThat(buttonLike(page, "Set this pot")).isEnabled();
    }

    @Test
    void refusesATightLidWithItsGasAndPressure() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Lid").selectOption("TIGHT");
        assertThat(alert(
                        page,
                        "It would hold the gas in and can burst the vessel: 500 g of sugar can give off up to 141 L of"
                                + " gas"))
                .isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
    }

    @Test
    void refusesAnOverfullJarAndSaysWhatWouldFit() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Vessel").selectOption(new SelectOption().setLabel("J8, 3 L jar"));
        field(page, "Leaves and shoots in hand").fill("2 kg");
        assertThat(alert(page, "It would overflow J8, and 25 % must stay empty: it foams while it works."))
                .isVisible();
        assertThat(page.getByText("Too much for J8")).isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
        field(page, "Leaves and shoots in hand").fill("700 g");
        assertThat(button(page, "Set this pot in J8")).isEnabled();
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void redrawsTheJarWhileTyping(Screen screen) {
        Page page = open(screen, PLANT_JUICE);
        Locator jar = page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("in cross-section"));
        assertThat(jar).hasAttribute("aria-label", "J8 in cross-section: 52.4 % stays empty, 25 % is needed");
        field(page, "Leaves and shoots in hand").fill("700 g");
        assertThat(jar).hasAttribute("aria-label", "J8 in cross-section: 33.3 % stays empty, 25 % is needed");
    }

    @Test
    void refusesAStrengthThatBurns() {
        Page page = openMix(Screen.TABLE);
        field(page, "Parts of water to one part of brew").fill("100");
        assertThat(alert(page, "it burns roots. Take 1:400 to 1:1000.")).isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
    }

    @Test
    void keepsABrewThatSmeltOfVinegarOffLeaves() {
        Page page = openMix(Screen.TABLE);
        takeBottle(page, "Mugwort juice");
        radio(page, "leaves").click();
        assertThat(alert(page, "it goes on the soil of growing plants only")).isVisible();
    }

    @ParameterizedTest
    @CsvSource({"soil, 500, 1:400 to 1:1000", "seedlings, 1000, 1:800 to 1:2000", "leaves, 800, 1:640 to 1:1600"})
    void advisesTheUsualStrengthAndItsSafeSpan(String target, String usual, String span) {
        Page page = openMix(Screen.TABLE);
        radio(page, target).click();
        assertThat(field(page, "Parts of water to one part of brew")).hasValue(usual);
        assertThat(page.getByText("Safe span " + span)).isVisible();
    }

    @Test
    void tellsOneOfTwoBrowsersWhoPourTheLastOfABottle() {
        Page one = openMix(Screen.TABLE);
        Page other = openMix(Screen.PHONE);
        for (Page page : new Page[] {one, other}) {
            // 231 mL are left in P11; each wants 160.
            field(page, "Mix").fill("80 L");
            assertThat(button(page, "Poured: take 160 mL from P11")).isEnabled();
        }
        button(one, "Poured: take 160 mL from P11").click();
        assertThat(one.getByText(Pattern.compile("P11: 7\\d(\\.\\d+)? mL left")))
                .isVisible();
        button(other, "Poured: take 160 mL from P11").click();
        assertThat(alert(other, "Maybe it was poured from elsewhere meanwhile?"))
                .isVisible();
        assertThat(other.getByText(Pattern.compile("the bottle has only 7\\d(\\.\\d+)? mL left: enough for"))
                        .first())
                .isVisible();
    }

    @Test
    void strainsAnUnripePotOnlyByDecision() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Pea-shoot juice").first().click();
        field(page, "As measured").fill("300 mL");
        button(page, "Strained: fill a bottle").click();
        assertThat(alert(page, "It isn't ready")).isVisible();
        assertThat(field(page, "As measured")).hasValue("300 mL");
        button(page, "Strain it early").click();
        assertThat(page.getByText("Bottled as P20: 300 mL")).isVisible();
    }
}
