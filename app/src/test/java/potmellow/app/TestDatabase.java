package potmellow.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.util.FileSystemUtils;
import potmellow.app.database.PrivateMariaDb;

/** One private MariaDB for all tests of this run, gone with it. */
public final class TestDatabase {
    private static PrivateMariaDb database;

    private TestDatabase() {}

    /** Points a test's application at the database. */
    public static void register(DynamicPropertyRegistry registry) {
        PrivateMariaDb running = running();
        registry.add("spring.datasource.url", running::url);
        registry.add("spring.datasource.username", running::user);
        registry.add("spring.datasource.password", running::password);
    }

    private static synchronized PrivateMariaDb running() {
        if (database == null) {
            try {
                Path home = Files.createTempDirectory("mellow-test");
                database = PrivateMariaDb.start(home, "potmellow_test", true);
                Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                    database.close();
                    FileSystemUtils.deleteRecursively(home.toFile());
                }));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return database;
    }
}
