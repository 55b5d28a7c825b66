package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.List;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds on every view: workings, contrast, targets, units, keys. */
class EveryViewTest extends GardenWalk {
    private static final String TOO_SMALL =
            "() => [...document.querySelectorAll('button, a, select, input:not([type=checkbox])')]"
                    + ".filter(e => e.offsetParent && !e.matches('.mark, .in-line, .segment'))"
                    + ".map(e => ({ name: e.textContent.trim().slice(0, 30) || e.getAttribute('aria-label') || e.id,"
                    + " box: e.getBoundingClientRect() }))"
                    + ".filter(e => e.box.height < 43.5 || e.box.width < 43.5)"
                    + ".map(e => e.name + ' ' + Math.round(e.box.width) + 'x' + Math.round(e.box.height))";

    private static final String LETTERS = "() => parseFloat(getComputedStyle(document.body).fontSize)";

    private static final String BROKEN_NAMES = "() => [...document.querySelectorAll('.views a, .wordmark, .band .btn')]"
            + ".filter(e => e.offsetHeight > 60 || e.scrollWidth > e.offsetWidth + 1)"
            + ".map(e => e.textContent.trim())";

    private static final String UNSEEN_FOCUS =
            "() => [...document.querySelectorAll('button, a[href], input, select, textarea, [tabindex=\"0\"]')]"
                    + ".filter(e => e.offsetParent && !e.disabled)"
                    + ".filter(e => { e.focus({ focusVisible: true, preventScroll: true });"
                    + " const seen = getComputedStyle(e);"
                    + " return document.activeElement === e && (seen.outlineStyle === 'none' || parseFloat(seen.outlineWidth) < 2); })"
                    + ".map(e => e.outerHTML.slice(0, 120))";

    /** Each view once, as an address or a short name. */
    static List<String> everyView() {
        return List.of(
                "/round",
                "/round/sheet",
                "/bottles",
                "/places",
                "/garden",
                "bed",
                "/garden/crops",
                "/labels",
                "/codes/J4",
                "/readings",
                "/pots",
                "/pots/new",
                "/pots/new?door=need",
                "/pots/standing",
                "/garden/notebook",
                "recipe",
                "shells",
                "/mix",
                "mix",
                "pot",
                "/book",
                "/book/methods/weed-bucket",
                "/book/methods/long-keeper",
                "/book/methods/forest-heap",
                "/book/schools/plant-juice",
                "/book/schools/shell-calcium",
                "/book/facts",
                "/book/methods/nettle-tea/own",
                "/vessels",
                "/plan",
                "/plan/sheet",
                "/bench",
                "/bench/ratio",
                "/bench/shells",
                "/bench/sugar",
                "/bench/air",
                "/bench/heap",
                "/practice",
                "/practice/first-jar",
                "/practice/six-buckets",
                "/practice/too-strong",
                "/more",
                "/licences",
                "/phones",
                "/phone",
                "/guide",
                "/welcome");
    }

    private Page view(Screen screen, String view) {
        Page page = open(
                screen,
                switch (view) {
                    case "pot" -> "/pots";
                    case "bed" -> "/garden";
                    case "mix" -> "/mix";
                    case "recipe" -> PLANT_JUICE;
                    case "shells" -> "/pots/new?method=shell-calcium-tenfold";
                    default -> view;
                });
        if (view.equals("pot")) {
            link(page, "Mugwort juice").first().click();
            page.waitForURL("**/pots/*");
        }
        if (view.equals("mix")) {
            planting(page, "Beetroot").click();
            takeBottle(page, "Chickweed juice");
        }
        if (view.equals("bed")) {
            buttonLike(page, "Winter squash").click();
        }
        page.locator(
                        "button.mark, .pick, .place-line, .stop, #readings-file, #notebook-text, .code-form, .label-card, .round-sheet, .axis-row, .plan-step, .bench-card, .practice-card, .practice-pot, .practice-bed, .brews, .possibles, .methods, .card-parts, .fact-table, .vessel-list, .own-grid, .more-list, .licence-list, .guide-text, .how-to, #network-name")
                .first()
                .waitFor();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        // On a busy machine a view may still be at its drawing when nothing is fetched any more.
        page.locator("h1").first().waitFor();
        return page;
    }

    @OnlyReads
    @ParameterizedTest
    @CsvSource({
        "recipe, 7",
        "mix, 15",
        "pot, 5",
        "/round, 3",
        "/bottles, 10",
        "/places, 1",
        "bed, 8",
        "shells, 7",
        "/plan, 1",
        "/bench/shells, 1",
        "/book/schools/plant-juice, 20"
    })
    void opensTheWorkingOfEveryNumber(String view, int atLeast) {
        Page page = view(Screen.TABLE, view);
        Locator all = page.locator("button.mark[aria-label*=worked]");
        all.nth(atLeast - 1).waitFor();
        List<Locator> marks = all.all();
        assertThat(marks).hasSizeGreaterThanOrEqualTo(atLeast);
        for (Locator mark : marks) {
            mark.click();
            Locator slip = page.getByRole(AriaRole.DIALOG);
            assertThat(slip.locator("li").first()).isVisible();
            assertThat(slip).containsText("As a whole:");
            page.keyboard().press("Escape");
            assertThat(slip).isHidden();
            assertThat(mark).isFocused();
        }
    }

    /** One page a view, opened once and then drawn as wide, as dark and as large as its readers have it. */
    @OnlyReads
    @ParameterizedTest
    @MethodSource("everyView")
    void holdsForEveryReaderOnEveryDevice(String view) {
        Page page = view(Screen.TABLE, view);
        // Colours change at once, so that none is looked at half way.
        page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.REDUCE));
        SoftAssertions.assertSoftly(all -> {
            saysWhereOneIs(page, all);
            keepsToEveryRule(rules(page), "light on a desk", all);
            coloured(page, "dark");
            keepsToEveryRule(contrast(page), "dark on a desk", all);
            keepsItsHeadAndItsWidthOnEveryDevice(page, all);
            drawn(page, Screen.PHONE.width);
            givesWetThumbsTargetsOf44Pixels(page, all);
            keepsToEveryRule(rules(page), "dark on a phone", all);
            coloured(page, "light");
            keepsToEveryRule(contrast(page), "light on a phone", all);
            growsWithTheTextOfItsReader(page, all);
            showsWhoeverGoesByKeysWhereTheyAre(page, all);
        });
    }

    /** The rules of accessibility; pages here have no frames, for which alone a page of its own would be opened. */
    private static AxeBuilder rules(Page page) {
        return new AxeBuilder(page).setLegacyMode(true);
    }

    /** The one rule that other colours can break. */
    private static AxeBuilder contrast(Page page) {
        return rules(page).withRules(List.of("color-contrast"));
    }

    private static void coloured(Page page, String colours) {
        page.evaluate("colours => { document.documentElement.dataset.bsTheme = colours; }", colours);
    }

    private static void keepsToEveryRule(AxeBuilder rules, String reader, SoftAssertions all) {
        all.assertThat(rules.analyze().getViolations())
                .as(reader)
                .extracting(rule -> rule.getId() + ": "
                        + rule.getNodes().stream().map(node -> node.getHtml()).toList())
                .isEmpty();
    }

    private static void givesWetThumbsTargetsOf44Pixels(Page page, SoftAssertions all) {
        all.assertThat((List<?>) page.evaluate(TOO_SMALL)).as("small targets").isEmpty();
    }

    /** Whoever has set larger text in the browser gets it, a fifth larger everywhere, and nothing is cut off by it. */
    private static void growsWithTheTextOfItsReader(Page page, SoftAssertions all) {
        Number usual = (Number) page.evaluate(LETTERS);
        page.evaluate("() => { document.documentElement.style.fontSize = '120%'; }");
        all.assertThat(((Number) page.evaluate(LETTERS)).doubleValue())
                .isCloseTo(usual.doubleValue() * 1.2, within(0.01));
        for (int width : new int[] {390, 1280}) {
            drawn(page, width);
            fits(page, "larger at " + width, width, all);
        }
        page.evaluate("() => { document.documentElement.style.fontSize = ''; }");
    }

    /** From a phone at 200 % zoom to a wide desk: tablets, and a laptop at 125 % zoom. */
    private static void keepsItsHeadAndItsWidthOnEveryDevice(Page page, SoftAssertions all) {
        for (int width : new int[] {320, 390, 600, 768, 1024, 1180, 1280, 1920, 2560}) {
            drawn(page, width);
            fits(page, "at " + width, width, all);
            all.assertThat(((Number) page.evaluate("() => document.querySelector('.band').offsetHeight")).intValue())
                    .as("height of the head at " + width)
                    .isLessThanOrEqualTo(130);
        }
    }

    private static void fits(Page page, String when, int width, SoftAssertions all) {
        all.assertThat(page.evaluate("() => document.documentElement.scrollWidth"))
                .as("width of the page " + when)
                .isEqualTo(width);
        all.assertThat((List<?>) page.evaluate(BROKEN_NAMES))
                .as("names of views broken over lines " + when)
                .isEmpty();
    }

    private static void drawn(Page page, int width) {
        page.setViewportSize(width, 900);
        page.waitForFunction("width => window.innerWidth === width", width);
    }

    /** Whoever sees nothing is told where they have come. */
    private static void saysWhereOneIs(Page page, SoftAssertions all) {
        all.assertThat(page.locator("h1").count()).as("headings of the page").isEqualTo(1);
        all.assertThat(page.title()).matches(".{3,} · Pot Mellow$");
    }

    private static void showsWhoeverGoesByKeysWhereTheyAre(Page page, SoftAssertions all) {
        page.keyboard().press("Tab");
        all.assertThat((List<?>) page.evaluate(UNSEEN_FOCUS)).as("unseen focus").isEmpty();
    }

    @OnlyReads
    @ParameterizedTest
    @ValueSource(strings = {"/round/sheet", "/plan/sheet", "/labels", "mix"})
    void printsInkOnWhiteWhateverTheColours(String view) {
        Page page = view(Screen.TABLE, view);
        page.evaluate("() => { document.documentElement.dataset.bsTheme = 'dark'; }");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.evaluate("() => { const body = getComputedStyle(document.body);"
                        + " return body.backgroundColor + ' ' + body.color; }"))
                .isEqualTo("rgb(255, 255, 255) rgb(0, 0, 0)");
        assertThat(page.locator(".band")).isHidden();
    }

    @Test
    void tellsEveryAmountInTheUnitsOfTheGarden() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        field(page, "Leaves and shoots in hand").fill("640 g");
        assertThat(page.locator("[data-part=sugar]")).hasText("640 g");
        buttonLike(page, "Units: metric").click();
        assertThat(page.locator("[data-part=sugar]")).hasText("1 lb 6.6 oz");
        assertThat(page.getByText("641 g · 3 cups")).isVisible();
        buttonLike(page, "Units: US kitchen").click();
        assertThat(page.locator("[data-part=sugar]")).hasText("640 g");
    }

    @OnlyReads
    @Test
    void tellsTheDeviationFromTheRatioAboveTwoPercent() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        radio(page, "Slow, packed").click();
        field(page, "Leaves and shoots in hand").fill("105 g");
        assertThat(page.getByText("a part is +4.8 % off the exact ratio")).isVisible();
        field(page, "Leaves and shoots in hand").fill("640 g");
        assertThat(page.getByText("off the exact ratio")).isHidden();
    }

    @OnlyReads
    @Test
    void startsFromTheJarOrFromTheJuiceAsWell() {
        Page page = open(Screen.TABLE, PLANT_JUICE);
        radio(page, "I have a jar to fill").click();
        field(page, "Vessel").selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("J1, 1 L jar"));
        assertThat(page.locator("[data-part=plant]")).hasText("263 g");
        radio(page, "I want this much").click();
        field(page, "How much is wanted").fill("250 mL");
        assertThat(page.locator("[data-part=plant]")).hasText("250 g");
    }

    @Test
    void wringsThePressedPotAndLetsItsLiquidWorkOn() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Sea-beet juice").first().click();
        button(page, "Wrung out: liquid is back").click();
        assertThat(page.getByText("liquid working on")).isVisible();
        assertThat(button(page, "Strained: fill a bottle")).isVisible();
    }

    @Test
    void strikesAWrongEntryAndKeepsItReadable() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Chickweed juice").first().click();
        assertThat(page.getByText("Not yet: mend it first")).isVisible();
        buttonLike(page, "Strike the entry").first().click();
        assertThat(page.locator(".struck")).containsText("white film");
        assertThat(page.getByText("Not yet: mend it first")).isHidden();
    }

    @Test
    void throwsASpoiltPotAwayWithItsReason() {
        Page page = open(Screen.TABLE, "/pots");
        link(page, "Chickweed juice").first().click();
        button(page, "coloured mould").click();
        button(page, "Looked").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Throw it away")))
                .isVisible();
        assertThat(field(page, "Why are you throwing it away?"))
                .hasValue("Black, green, orange or pink mould grows on it.");
        button(page, "Log as thrown away").click();
        assertThat(page.getByText("Its vessel J2 is free again.")).isVisible();
    }

    @OnlyReads
    @ParameterizedTest
    @EnumSource(Screen.class)
    void turnsTheDialWithTheArrowKeys(Screen screen) {
        Page page = openMix(screen);
        page.getByRole(AriaRole.SLIDER).focus();
        page.keyboard().press("ArrowLeft");
        assertThat(field(page, "Parts of water to one part of brew")).hasValue("600");
        assertThat(page.getByText("1:600 lies in the safe span")).isVisible();
    }

    @OnlyReads
    @Test
    void keepsThePagesTokenToItself() {
        Page page = open(Screen.TABLE, "/pots");
        page.getByText("Bottles in store").waitFor();
        org.assertj.core.api.Assertions.assertThat(page.context().cookies())
                .filteredOn(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .extracting(cookie -> cookie.sameSite)
                .containsExactly(com.microsoft.playwright.options.SameSiteAttribute.STRICT);
    }

    @OnlyReads
    @Test
    void takesTheColoursOfTheDeviceUntilOthersAreChosen() {
        Page page = open(Screen.TABLE, ColorScheme.DARK, "/pots");
        assertThat(page.locator("html")).hasAttribute("data-bs-theme", "dark");
        button(page, "Change to light colours").click();
        page.reload();
        assertThat(page.locator("html")).hasAttribute("data-bs-theme", "light");
    }

    @OnlyReads
    @Test
    void opensViewsWithKeysAndListsThem() {
        Page page = open(Screen.TABLE, "/pots");
        page.getByText("Bottles in store").waitFor();
        page.keyboard().press("3");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/mix$"));
        page.keyboard().press("1");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/round$"));
        page.keyboard().press("/");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/codes$"));
        assertThat(field(page, "Name or code")).isFocused();
        page.getByRole(AriaRole.HEADING).first().click();
        page.keyboard().press("Shift+Tab");
        page.keyboard().press("n");
        assertThat(page).hasURL(java.util.regex.Pattern.compile("/pots/new$"));
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("begins a new pot");
    }
}
