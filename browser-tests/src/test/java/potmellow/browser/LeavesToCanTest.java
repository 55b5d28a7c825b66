package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Duration;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The whole walk of a brew, from 640 g of leaves to 20 mL in the can: by mouse, and again by keyboard alone. */
class LeavesToCanTest extends GardenWalk {
    @ParameterizedTest
    @EnumSource(Screen.class)
    void walksFromLeavesToCanByMouse(Screen screen) {
        walk(open(screen, "/"), new Mouse());
    }

    @ParameterizedTest
    @EnumSource(Screen.class)
    void walksFromLeavesToCanByKeyboardAlone(Screen screen) {
        walk(open(screen, "/"), new Keyboard());
    }

    private void walk(Page page, Hands hands) {
        setThePot(page, hands);
        visitIt(page, hands);
        strainIt(page, hands);
        pourIt(page, hands);
    }

    private void setThePot(Page page, Hands hands) {
        hands.press(link(page, "New pot"));
        hands.press(link(page, "Fermented plant juice"));
        hands.choose(radio(page, "Quick, stirred"), radio(page, "Quick, stirred"));
        hands.type(field(page, "Name of the pot"), "Chickweed and pea shoots");
        hands.choose(radio(page, "I have a jar to fill"), radio(page, "I have leaves and shoots"));
        hands.type(field(page, "Leaves and shoots in hand"), "640 g");
        assertThat(page.locator("[data-part=sugar]")).hasText("640 g");
        assertThat(page.locator("[data-part=makes]")).hasText("629 mL");
        assertThat(page.getByText("Fits J8, with room for the foam")).isVisible();

        hands.press(buttonLike(page, "Sugar: how it was worked out"));
        Locator slip = page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG);
        assertThat(slip).containsText("Sugar = plant × 1, by weight.");
        assertThat(slip).containsText("common practice");
        hands.press(button(page, "Close the working"));
        assertThat(slip).isHidden();

        hands.press(button(page, "Set this pot in J8"));
        assertThat(page.getByText("Chickweed and pea shoots")).isVisible();
        assertThat(page.getByText("Not yet: about 7 more days")).isVisible();
    }

    private void visitIt(Page page, Hands hands) {
        clock.advance(Duration.ofDays(4));
        hands.press(button(page, "lively"));
        hands.press(button(page, "yeasty"));
        hands.press(buttonLike(page, "Stirred, log it"));
        assertThat(page.getByText("stirred: bubbles lively, smell yeasty")).isVisible();

        clock.advance(Duration.ofDays(6));
        hands.press(button(page, "a few"));
        hands.press(button(page, "sweet-sour"));
        hands.press(buttonLike(page, "Stirred, log it"));
        assertThat(page.getByText("Ready: strain it")).isVisible();
    }

    private void strainIt(Page page, Hands hands) {
        hands.type(field(page, "As measured"), "620 mL");
        hands.press(button(page, "Strained: fill a bottle"));
        assertThat(page.getByText("Bottled as P20: 620 mL")).isVisible();
        assertThat(page.locator(".label-line"))
                .hasText(
                        "P20 · Chickweed and pea shoots · strained 30 May 2026 · 620 mL · cool and dark to 26 Nov 2026 ·"
                                + " soil 1:500, seedlings 1:1000, leaves 1:800 · not a drink");
        hands.press(link(page, "Mix from P20"));
    }

    private void pourIt(Page page, Hands hands) {
        assertThat(page.locator(".mix-from")).containsText("Chickweed and pea shoots: P20 holds 620 mL");
        hands.press(button(page, "none of these: just this much mix"));
        assertThat(page.getByText("None of them: say how much ground or mix.")).isVisible();
        hands.type(field(page, "Ground"), "10 m²");
        assertThat(field(page, "Mix")).hasValue("10 L");
        Locator fillings = field(page, "Fillings");
        assertThat(fillings).containsText("20 mL chickweed and pea shoots");
        assertThat(fillings).containsText("into 9.98 L water");
        for (String dress : new String[] {"2 mL", "20 mL", "1.54 tsp", "0.512 tbsp", "0.256 fl oz", "0.2 %"}) {
            assertThat(page.locator(".dress b").getByText(dress, new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
        }
        hands.press(button(page, "Poured: take 20 mL from P20"));
        assertThat(page.getByText("Poured 20 mL from P20")).isVisible();
    }

    /** How a gardener reaches things. */
    private interface Hands {
        void press(Locator target);

        void type(Locator field, String text);

        /** Takes a choice out of a row in which another one is taken. */
        void choose(Locator taken, Locator wanted);
    }

    private static final class Mouse implements Hands {
        @Override
        public void press(Locator target) {
            target.click();
        }

        @Override
        public void type(Locator field, String text) {
            field.fill(text);
        }

        @Override
        public void choose(Locator taken, Locator wanted) {
            wanted.click();
        }
    }

    /** Tab until it has the focus, then keys alone. */
    private static final class Keyboard implements Hands {
        private static final int FARTHEST = 150;
        private static final String HAS_FOCUS = "element => element === document.activeElement";

        @Override
        public void press(Locator target) {
            reach(target);
            // In the pad of a visit Enter logs; the space bar chooses.
            boolean ofThePad = target.getAttribute("aria-pressed") != null;
            target.page().keyboard().press(ofThePad ? "Space" : "Enter");
        }

        @Override
        public void type(Locator field, String text) {
            reach(field);
            field.page().keyboard().press("Control+A");
            field.page().keyboard().type(text);
        }

        @Override
        public void choose(Locator taken, Locator wanted) {
            reach(taken);
            for (int steps = 0; steps < FARTHEST && !"true".equals(wanted.getAttribute("aria-checked")); steps++) {
                taken.page().keyboard().press("ArrowDown");
            }
            assertThat(wanted).isFocused();
        }

        private static void reach(Locator target) {
            target.waitFor();
            for (int steps = 0; steps < FARTHEST; steps++) {
                if ((Boolean) target.evaluate(HAS_FOCUS)) {
                    return;
                }
                target.page().keyboard().press("Tab");
            }
            throw new AssertionError("The keyboard does not reach " + target);
        }
    }
}
