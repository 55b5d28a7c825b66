package potmellow.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.util.FileSystemUtils;
import potmellow.app.database.PrivateMariaDb;

/** One private MariaDB for all tests of a run, gone with it. */
public final class TestDatabase {
    private static final Path MEMORY = Path.of("/dev/shm");
    /** Well above what all tests of a run leave behind, in bytes. */
    private static final long ROOM = 2_000_000_000;

    private static PrivateMariaDb shared;
    private static Path home;

    private TestDatabase() {}

    /** Points a test's application at the database. */
    public static synchronized void register(DynamicPropertyRegistry registry) {
        if (shared == null) {
            shared = start();
        }
        registry.add("potmellow.home", () -> home);
        registry.add("spring.datasource.url", shared::url);
        registry.add("spring.datasource.username", shared::user);
        registry.add("spring.datasource.password", shared::password);
    }

    /** In memory where the machine has room for it: nothing of it outlives the run, so no disk needs to have it. */
    private static Path folder() throws IOException {
        boolean roomy = Files.isWritable(MEMORY) && Files.getFileStore(MEMORY).getUsableSpace() > ROOM;
        return roomy ? MEMORY : Path.of(System.getProperty("java.io.tmpdir"));
    }

    private static PrivateMariaDb start() {
        try {
            home = Files.createTempDirectory(folder(), "mellow-test");
            PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_test", true);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> {
                database.close();
                FileSystemUtils.deleteRecursively(home.toFile());
            }));
            return database;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
