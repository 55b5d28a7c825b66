package potmellow.app.document;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import org.flywaydb.core.Flyway;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import potmellow.app.database.Access;
import potmellow.app.database.Dump;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.pot.PotReader;
import potmellow.app.problem.Conflict;

/**
 * A garden out as a document and in from one. What comes in is first read into a database aside, in the tables of its own version,
 * brought from there to the tables of today by the same steps as any garden, and only then put in the place of an empty garden, all
 * at once, after every page was asked whether it can be answered.
 */
@Service
class Documents {
    private static final Logger LOG = LoggerFactory.getLogger(Documents.class);
    private static final long LARGEST = 4L * 1024 * 1024 * 1024;
    /** The first version whose documents were written. */
    private static final int FIRST_VERSION = 16;

    /** So many pots are asked for at once: each by itself would take a garden of many years half an hour. */
    private static final int TOGETHER = 200;

    private final Access access;
    private final Flyway flyway;
    private final DocumentRepository documents;
    private final EveryAnswer everyAnswer;
    private final GardenService gardens;
    private final PotReader pots;
    private final TransactionTemplate transactions;
    private final ObjectMapper json;
    private final Clock clock;
    private final ReentrantLock taking = new ReentrantLock();

    Documents(
            Access access,
            Flyway flyway,
            DocumentRepository documents,
            EveryAnswer everyAnswer,
            GardenService gardens,
            PotReader pots,
            TransactionTemplate transactions,
            ObjectMapper json,
            Clock clock) {
        this.access = access;
        this.flyway = flyway;
        this.documents = documents;
        this.everyAnswer = everyAnswer;
        this.gardens = gardens;
        this.pots = pots;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    private int version() {
        return Integer.parseInt(flyway.info().current().getVersion().getVersion());
    }

    /** Writes the garden out while it runs. */
    void write(OutputStream out) throws IOException {
        // Not of the pool: however long the other side takes, nobody here waits for it.
        try (Connection connection = access.connect()) {
            new DocumentWriter(connection, json).write(version(), clock.instant(), out);
        } catch (SQLException e) {
            throw new IOException("The garden could not be read.", e);
        }
    }

    /**
     * Takes a document in.
     *
     * @throws Conflict where this garden isn't empty, or another document is being taken in
     * @throws potmellow.core.measure.InvalidInput in a sentence, for what can't be taken; then nothing was
     */
    Garden take(InputStream sent) {
        if (!taking.tryLock()) {
            throw new Conflict("taking-in", "Another document is being taken in. Look again in a minute.");
        }
        try {
            requireEmpty();
            Path file = Files.createTempFile("mellow", ".zip");
            try {
                keep(sent, file);
                return take(file);
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            taking.unlock();
        }
    }

    private void requireEmpty() {
        if (!documents.empty()) {
            throw new Conflict(
                    "not-empty",
                    "This garden isn't empty, and two can't be mixed. Start an empty one elsewhere: MELLOW_STATE=FOLDER"
                            + " ./mellow start.");
        }
    }

    private static void keep(InputStream sent, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            byte[] some = new byte[64 * 1024];
            long size = 0;
            for (int read = sent.read(some); read >= 0; read = sent.read(some)) {
                size += read;
                if (size > LARGEST) {
                    throw DocumentReader.broken("The file is larger than 4 GB.");
                }
                out.write(some, 0, read);
            }
        }
    }

    private Garden take(Path file) throws IOException {
        Access coming = access.coming();
        try (DocumentReader document = new DocumentReader(file, json)) {
            int version = document.told().version();
            if (version > version()) {
                throw DocumentReader.broken("A newer Pot Mellow wrote the file (version " + version
                        + "; this one reads up to " + version() + ").");
            }
            if (version < FIRST_VERSION) {
                throw DocumentReader.broken("There are no files of version " + version + ".");
            }
            document.verify();
            new Dump(coming).empty();
            Flyway tables = Flyway.configure()
                    .configuration(flyway.getConfiguration())
                    .dataSource(coming.url(), coming.user(), coming.password())
                    .target(String.valueOf(version))
                    .load();
            tables.migrate();
            try (Connection connection = coming.connect()) {
                document.into(connection);
            }
            Flyway.configure()
                    .configuration(tables.getConfiguration())
                    .target("latest")
                    .load()
                    .migrate();
            return replace(coming);
        } catch (SQLException e) {
            throw new IOException("The database aside failed.", e);
        } finally {
            new Dump(coming).empty();
        }
    }

    private Garden replace(Access coming) throws SQLException {
        List<Table> tables;
        try (Connection connection = coming.connect()) {
            tables = Table.all(connection);
        }
        return transactions.execute(status -> {
            gardens.holdCodes(gardens.current());
            requireEmpty();
            documents.replace(tables, coming.schema());
            return proven();
        });
    }

    /** Asks within a part of the transaction that is undone: what refuses an answer must not undo what came in. */
    private void asked(Runnable question) {
        TransactionTemplate part = new TransactionTemplate(transactions.getTransactionManager());
        part.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
        part.executeWithoutResult(status -> {
            question.run();
            status.setRollbackOnly();
        });
    }

    /** What a garden had in pots by a way that it can't read any more comes in as it was. */
    private void look(Garden garden, List<UUID> some) {
        int read = pots.some(garden, some, clock.instant()).size();
        if (read < some.size()) {
            LOG.info("{} pots were made by a way that can't be read any more.", some.size() - read);
        }
    }

    /** All or nothing: what one page could not be answered from isn't taken in. */
    private Garden proven() {
        try {
            Garden garden = gardens.current();
            everyAnswer.ask(this::asked);
            List<UUID> all = documents.pots();
            for (int from = 0; from < all.size(); from += TOGETHER) {
                List<UUID> some = all.subList(from, Math.min(all.size(), from + TOGETHER));
                asked(() -> look(garden, some));
            }
            return garden;
        } catch (RuntimeException unreadable) {
            LOG.warn("A document can't be read back", unreadable);
            throw DocumentReader.broken("The file holds something that can't be read back.");
        }
    }
}
