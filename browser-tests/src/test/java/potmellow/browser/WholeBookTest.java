package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The three doors, the book and its schools, own methods out and in again, vessels, and the first run. */
class WholeBookTest extends GardenWalk {
    @ParameterizedTest
    @EnumSource(Screen.class)
    void goesThroughTheDoorOfWhatIsWanted(Screen screen) {
        Page page = open(screen, "/pots/new");
        field(page, "Find a brew").fill("culture bran");
        link(page, "Culture bran").click();
        assertThat(page.getByText("These amounts come to 48.9 % moisture; people quote 30 to 35 %."))
                .isVisible();
        radio(page, "I want this much").click();
        field(page, "How much is wanted").fill("2 kg");
        assertThat(page.locator("[data-part=bran]")).hasText("2 kg");
        assertThat(page.locator("[data-part=water]")).hasText("1.4 L");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void goesThroughTheDoorOfWhatIsInHand(Screen screen) {
        Page page = open(screen, "/pots/new");
        radio(page, "I have").click();
        field(page, "What do you have?").fill("3 kg nettles, 12 eggshells, 1 L vinegar, two 20 L buckets, a unicorn");
        assertThat(page.getByText("Not understood: a unicorn.")).isVisible();
        Locator nettles = page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Nettle liquid, stuffed jar"));
        nettles.getByRole(AriaRole.LINK).click();
        assertThat(field(page, "Nettles in hand")).hasValue("3 kg");
        assertThat(page.getByText("Fits B4")).isVisible();
    }

    @Test
    void goesThroughTheDoorOfWhatPlantsNeed() {
        Page page = open(Screen.TABLE, "/pots/new?door=need");
        radio(page, "flowering").click();
        assertThat(page.getByText("Calcium from the first flower, and potassium."))
                .isVisible();
        link(page, "Tenfold by weight").click();
        assertThat(page.getByText("All three schools have shells to spare")).isVisible();
        assertThat(page.getByText("It gives ten times")
                        .or(page.getByText("gives ten times its volume of gas"))
                        .first())
                .isVisible();
    }

    @Test
    void refusesToSealWhatFoams() {
        Page page = open(Screen.TABLE, "/pots/new?method=shell-calcium-tenfold");
        field(page, "Lid").selectOption("AIRLOCK");
        assertThat(alert(page, "of vinegar can give off up to")).isVisible();
        assertThat(button(page, "Refused: see why")).isDisabled();
    }

    @Test
    void laysSchoolsSideBySide() {
        Page page = open(Screen.TABLE, "/book");
        link(page, "Shell calcium: 3 ways side by side").click();
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName("Eggshells, for 1 litre")))
                .containsText("They differ");
        assertThat(page.getByText("24 hours")
                        .or(page.getByText("about 24 hours"))
                        .first())
                .isVisible();
        link(page, "Choose this way").last().click();
        assertThat(radio(page, "One to one by volume")).isChecked();
    }

    @Test
    void keepsAnOwnMethodAndTakesItInAgain() throws IOException {
        Page page = open(Screen.TABLE, "/book/methods/plant-juice-open");
        link(page, "Copy and change").click();
        field(page, "What you call this way").fill("Half the sugar");
        field(page, "Sugar, kg").fill("0.5");
        assertThat(page.getByText("With less it rots more easily.")).isVisible();
        button(page, "Keep it in the book").click();
        assertThat(page.getByText("Half the sugar:")).isVisible();
        assertThat(page.getByText("your own batches").first()).isVisible();

        Download file = page.waitForDownload(() -> link(page, "As HowTo").click());
        String howTo = Files.readString(file.path());
        assertThat(howTo).contains("\"@type\" : \"HowTo\"");
        button(page, "Put it away").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sugar ferments")))
                .isVisible();
        assertThat(link(page, "Fermented plant juice Half the sugar")).hasCount(0);

        button(page, "Take in a method …").click();
        field(page, "… or its text").fill(howTo.replace("HowTo\",", "HowTwo\","));
        button(page, "Import").click();
        assertThat(page.locator("#method-text-problem")).containsText("It is no schema.org HowTo");
        field(page, "… or its text").fill(howTo);
        button(page, "Import").click();
        link(page, "Fermented plant juice: Half the sugar").click();
        link(page, "Make it").first().click();
        radio(page, "I have leaves and shoots").click();
        field(page, "Leaves and shoots in hand").fill("1 kg");
        assertThat(page.locator("[data-part=sugar]")).hasText("500 g");
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void letsTheWaterStandBeforeTheBucketIsFilled(Screen screen) {
        Page page = open(screen, "/pots/new?method=weed-bucket");
        assertThat(page.getByText("tomorrow 9:10").first()).isVisible();
        button(page, "Let the water stand, for B4").click();
        assertThat(page.getByText("It stands open until Thu 21 May")).isVisible();
        clock.advance(Duration.ofHours(24));
        button(page, "Filled: its clock starts now").click();
        assertThat(buttonLike(page, "Topped up, log it")).isVisible();
    }

    @Test
    void asksForADecisionWhereItIsUnwise() {
        Page page = open(Screen.TABLE, "/pots/new?method=nettle-tea");
        field(page, "Place")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Galley shelf, 19.5 °C"));
        assertThat(page.getByText("This brew belongs outdoors, away from houses"))
                .isVisible();
        page.getByText("The water has stood already").click();
        assertThat(buttonLike(page, "Set this pot")).isDisabled();
        page.getByText("do it all the same").click();
        buttonLike(page, "Set this pot").click();
        assertThat(page.getByText("Decided against advice:")).isVisible();
    }

    @Test
    void givesVesselsPermanentCodesAndRetiresThem() {
        Page page = open(Screen.TABLE, "/vessels");
        field(page, "Code").fill("b1");
        button(page, "Add it").click();
        assertThat(page.locator("#vessel-code-problem")).containsText("The code B1 is taken.");
        field(page, "Code").fill("");
        button(page, "Add it").click();
        assertThat(page.getByText("Write B5 on body and lid of the 20 L bucket."))
                .isVisible();
        button(page, "Retire B5").click();
        button(page, "Retire B5").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Retired")))
                .isVisible();
        assertThat(button(page, "Retire J4")).hasCount(0);
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void asksFourQuestionsInAnEmptyGardenAndGoesOnToTheFirstPot(Screen screen) {
        database.execute("UPDATE garden SET welcomed = FALSE, name = 'My garden'");
        Page page = open(screen, "/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Welcome to your garden")))
                .isVisible();
        radio(page, "ounces and US gallons").click();
        field(page, "What you call it").fill("Crow's Nest");
        button(page, "On to the first pot").click();
        assertThat(field(page, "What do you have?")).isVisible();
        field(page, "What do you have?").fill("2 lb leaves, 2 lb brown sugar, a 1 gal jar");
        assertThat(page.getByText("Understood: 2 lb chopped soft leaves · 2 lb brown sugar · 1 gal jar."))
                .isVisible();
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void goesFromTheFourQuestionsToWhatStandsAlready(Screen screen) {
        database.execute("UPDATE garden SET welcomed = FALSE, name = 'My garden'");
        Page page = open(screen, "/");
        button(page, "Pots stand here already").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What stands here already?")))
                .isVisible();
    }

    @ParameterizedTest
    @CsvSource({
        "/round, Nothing needs your hands today",
        "/bottles, No bottle yet",
        "/pots, No pot is working yet",
        "/mix, No bottle to mix from yet",
        "/garden, No planting yet",
        "/plan, Nothing is wanted yet",
        "/vessels, No vessel yet"
    })
    void isNeverABlankPage(String view, String words) {
        emptyBut("garden", "place");
        Page page = open(Screen.TABLE, view);
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(words)))
                .isVisible();
    }

    @Test
    void tellsTheNumbersOfTheCraft() {
        Page page = open(Screen.TABLE, "/book/facts");
        assertThat(page.getByText("Ascorbic acid 2.48 mg for each mg of total chlorine"))
                .isVisible();
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("20 °C 9.09 mg/L")))
                .isVisible();
    }
}
