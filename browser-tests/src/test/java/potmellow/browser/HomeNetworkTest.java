package potmellow.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import potmellow.app.PotMellow;
import potmellow.app.database.PrivateMariaDb;

/** The owner at the machine, and a phone in the home network: real TLS at another address, under the garden's name. */
class HomeNetworkTest {
    private static final String HERE = "127.0.0.2";

    @TempDir
    Path folder;

    private PrivateMariaDb database;
    private ConfigurableApplicationContext application;
    private Playwright playwright;
    private String machine;
    private int tlsPort;

    @BeforeEach
    void startAGarden() throws Exception {
        PlaywrightAssertions.setDefaultAssertionTimeout(Patience.PAGE.toMillis());
        Path home = folder.resolve("garden");
        database = PrivateMariaDb.start(home.resolve("database"), "potmellow", true);
        try (ServerSocket free = new ServerSocket(0, 1, InetAddress.getByName(HERE))) {
            tlsPort = free.getLocalPort();
        }
        application = new SpringApplicationBuilder(PotMellow.class)
                .run(
                        "--server.port=0",
                        "--potmellow.home=" + home,
                        "--potmellow.network.addresses=" + HERE,
                        "--potmellow.network.port=" + tlsPort,
                        "--potmellow.network.announce=false",
                        "--spring.datasource.url=" + database.url(),
                        "--spring.datasource.username=" + database.user(),
                        "--spring.datasource.password=" + database.password());
        application.getBean(JdbcTemplate.class).update("UPDATE garden SET welcomed = 1");
        machine = "http://127.0.0.1:"
                + ((WebServerApplicationContext) application).getWebServer().getPort();
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    }

    @AfterEach
    void stop() {
        playwright.close();
        application.close();
        database.close();
    }

    /** A browser of its own, which finds the garden by its name and trusts what it was told to. */
    private Page browser(Path home, int width, int height) {
        Map<String, String> environment = new HashMap<>(System.getenv());
        environment.put("HOME", home.toString());
        Browser browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setChromiumSandbox(false)
                        .setEnv(environment)
                        .setArgs(List.of(
                                "--disable-dev-shm-usage",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--host-resolver-rules=MAP mellow.local " + HERE)));
        BrowserContext context = browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
        context.setDefaultTimeout(Patience.PAGE.toMillis());
        return context.newPage();
    }

    /** As a phone does whose owner has installed the certificate. */
    private static void trust(Path home, Path authority) throws IOException, InterruptedException {
        for (String place : List.of(".pki/nssdb", ".local/share/pki/nssdb")) {
            Path store = Files.createDirectories(home.resolve(place));
            run("certutil", "-d", "sql:" + store, "-N", "--empty-password");
            run("certutil", "-d", "sql:" + store, "-A", "-t", "C,,", "-n", "garden", "-i", authority.toString());
        }
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).inheritIO().start();
        if (process.waitFor() != 0) {
            throw new IOException(String.join(" ", command) + " failed");
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Page ownerOpensTheGarden() throws IOException {
        Page owner = browser(Files.createDirectories(folder.resolve("desk")), 1280, 800);
        owner.navigate(machine + "/phones");
        owner.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Wilma");
        button(owner, "Add yourself as the owner").click();
        button(owner, "Set a passphrase").click();
        owner.getByLabel("New passphrase for Wilma").fill("purple teapot seven drums");
        button(owner, "Set it").click();
        button(owner, "Open it to the home network").click();
        assertThat(owner.getByText("https://mellow.local:" + tlsPort).first()).isVisible();
        return owner;
    }

    private static String letIn(Page owner, String name) {
        Locator person = owner.locator(".people > li", new Page.LocatorOptions().setHasText(name));
        person.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let a device in"))
                .click();
        return person.locator(".letting-code").textContent();
    }

    private Page phone(String name) throws IOException, InterruptedException {
        Path home = Files.createDirectories(folder.resolve(name));
        trust(home, folder.resolve("garden/tls/authority.crt"));
        return browser(home, 390, 844);
    }

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
