package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A sentence beside the field says what was given and what is allowed; what was typed stays. */
class BadInputTest extends GardenWalk {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "leaves|Leaves and shoots in hand (“leaves”) can't be read. Type a weight from 1 g to 1000 kg, such as 640 g.",
                "-640|Leaves and shoots in hand (-640 g) must be from 1 g to 1000 kg.",
                "0|Leaves and shoots in hand (0 g) must be from 1 g to 1000 kg.",
                "99999999 kg|Leaves and shoots in hand (99999999 kg) must be from 1 g to 1000 kg.",
                "''|Leaves and shoots in hand is empty. Type a weight from 1 g to 1000 kg, such as 640 g."
            })
    void staysBesideTheAmountOfLeaves(String typed, String sentence) {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        Locator amount = field(page, "Leaves and shoots in hand");
        amount.fill(typed);
        assertThat(page.locator("#in-hand-plant-problem")).hasText(sentence);
        assertThat(amount).hasValue(typed);
        assertThat(amount).hasAttribute("aria-describedby", "in-hand-plant-problem");
        assertThat(buttonLike(page, "Set this pot")).isDisabled();
    }

    @Test
    void takesTenThousandCharactersWithoutLosingThem() {
        Page page = open(Screen.PHONE, PLANT_JUICE);
        String long_ = "9".repeat(10_000);
        field(page, "Leaves and shoots in hand").fill(long_);
        assertThat(page.locator("#in-hand-plant-problem"))
                .hasText("Leaves and shoots in hand has 10000 characters; at most 60 are kept.");
        assertThat(field(page, "Leaves and shoots in hand")).hasValue(long_);
    }

    @Test
    void refusesMarkupInANameAndKeepsWhatWasTyped() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        String name = "<img src=x onerror=alert(1)>";
        field(page, "Name of the pot").fill(name);
        buttonLike(page, "Set this pot").click();
        assertThat(page.locator("#name-problem")).containsText("“<” is not allowed in a name.");
        assertThat(field(page, "Name of the pot")).hasValue(name);
        field(page, "Name of the pot").fill("Dock & daughter's");
        buttonLike(page, "Set this pot").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dock & daughter's")))
                .isVisible();
    }

    @Test
    void isThereAgainAfterAReloadUntilItIsSent() {
        Page page = open(Screen.PHONE, PLANT_JUICE);
        field(page, "Leaves and shoots in hand").fill("640 g");
        field(page, "Name of the pot").fill("Dock in a hurry");
        page.reload();
        assertThat(field(page, "Name of the pot")).hasValue("Dock in a hurry");
        assertThat(field(page, "Leaves and shoots in hand")).hasValue("640 g");
        buttonLike(page, "Set this pot").click();
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Dock in a hurry"))
                .waitFor();
        to(page, PLANT_JUICE);
        assertThat(field(page, "Leaves and shoots in hand")).hasValue("500 g");
        to(page, "/mix");
        planting(page, "Beetroot").click();
        takeBottle(page, "Chickweed juice");
        field(page, "Parts of water to one part of brew").fill("750");
        to(page, "/round");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Mix").setExact(true))
                .click();
        assertThat(field(page, "Parts of water to one part of brew")).hasValue("750");
    }

    @Test
    void staysBesideTheSizeOfAnotherJar() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Vessel").selectOption("another");
        field(page, "Size of the other jar").fill("big");
        assertThat(page.locator("#capacity-problem")).containsText("The size of the vessel (“big”) can't be read.");
        field(page, "Size of the other jar").fill("4 L");
        assertThat(page.getByText("Fits J10, with room for the foam")).isVisible();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Parts of water to one part of brew|strong|strength-problem|The strength (“strong”) can't be read. Say it as 1:500, neat, 0.2 %",
                "Ground|-3|area-problem|The ground (-3 m²) must be from",
                "Mix|0|mix-problem|The mix wanted (0 L) must be from 50 mL to 10000 L.",
                "Can holds|''|can-problem|The can is empty."
            })
    void staysBesideEveryFieldOfTheMix(String label, String typed, String problem, String sentence) {
        Page page = openMix(Screen.TABLE);
        field(page, label).fill(typed);
        assertThat(page.locator("#" + problem)).containsText(sentence);
        assertThat(field(page, label)).hasValue(typed);
        assertThat(buttonLike(page, "Poured")).isDisabled();
    }

    @Test
    void staysBesideTheVolumeStrained() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Mugwort juice").first().click();
        field(page, "As measured").fill("40 L");
        button(page, "Strained: fill a bottle").click();
        assertThat(page.locator("#strained-0-problem"))
                .containsText("The volume strained (40 L) must be from 1 mL to 1.1 L.");
        assertThat(field(page, "As measured")).hasValue("40 L");
    }
}
