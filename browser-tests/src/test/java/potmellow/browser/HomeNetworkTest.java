package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** The owner at the machine, and a phone in the home network: real TLS at another address, under the garden's name. */
class HomeNetworkTest extends HomeWalk {
    @Test
    void letsAPhoneInWithoutAWarningAndPutsItOutAgain() throws Exception {
        Page owner = ownerOpensTheGarden();
        Page phone = phone("phone");
        phone.navigate("https://mellow.local:" + tlsPort + "/in/" + letIn(owner, "Wilma"));
        button(phone, "Let this device in").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("This phone")))
                .isVisible();
        phone.navigate("https://mellow.local:" + tlsPort + "/c/B1");
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Which bucket is this?")))
                .isVisible();

        owner.reload();
        button(owner, "Put out the Linux of Wilma").click();
        assertThat(owner.getByText("No device of theirs is let in")).isVisible();
        phone.reload();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The gate is closed")))
                .isVisible();
        phone.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Wilma");
        phone.getByLabel("Passphrase").fill("purple teapot seven drums");
        button(phone, "Sign in").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Which bucket is this?")))
                .isVisible();
    }

    @Test
    void canBePutOnAPhonesHomeScreen() throws Exception {
        ownerOpensTheGarden();
        Page phone = phone("phone");
        phone.navigate("https://mellow.local:" + tlsPort + "/");
        phone.waitForLoadState(LoadState.NETWORKIDLE);
        String errors = phone.context()
                .newCDPSession(phone)
                .send("Page.getInstallabilityErrors")
                .toString();
        // A browser of a test keeps nothing, which is the one thing that may be said against it.
        assertTrue(!errors.replace("\"errorId\":\"in-incognito\"", "").contains("errorId"), errors);
    }

    @Test
    void showsALookerRoundsAndVisitsAndNothingElse() throws Exception {
        Page owner = ownerOpensTheGarden();
        owner.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Pim");
        owner.getByLabel("May", new Page.GetByLabelOptions().setExact(true)).selectOption("LOOKER");
        button(owner, "Add").click();
        Page phone = phone("helper");
        phone.navigate("https://mellow.local:" + tlsPort + "/in/" + letIn(owner, "Pim"));
        button(phone, "Let this device in").click();
        assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("This phone")))
                .isVisible();
        phone.navigate("https://mellow.local:" + tlsPort + "/round");
        assertThat(phone.locator("nav.views a:visible")).containsText(new String[] {"Round", "More"});
        assertThat(phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New pot")))
                .hasCount(0);
        phone.navigate("https://mellow.local:" + tlsPort + "/bottles");
        assertThat(phone.getByText("Ask the owner of the garden for this.")).isVisible();
    }

    @Test
    void warnsABrowserThatDoesNotTrustTheGardenYet() throws Exception {
        ownerOpensTheGarden();
        Page stranger = browser(Files.createDirectories(folder.resolve("stranger")), 390, 844);
        assertThatThrownBy(() -> stranger.navigate("https://mellow.local:" + tlsPort + "/"))
                .isInstanceOf(PlaywrightException.class)
                .hasMessageContaining("ERR_CERT_AUTHORITY_INVALID");
    }
}
