package potmellow.app.database;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;

/** A whole database written out and read in with MariaDB's own tools. */
public final class Dump {

    private final Access access;

    public Dump(Access access) {
        this.access = access;
    }

    /**
     * Writes out what it holds at one moment, while others go on writing.
     *
     * @throws DatabaseTrouble where the tool says that it can't
     */
    public void write(OutputStream out) throws IOException {
        run(
                List.of(
                        "mariadb-dump",
                        "--single-transaction",
                        "--quick",
                        "--hex-blob",
                        "--no-tablespaces",
                        "--skip-lock-tables",
                        "--default-character-set=utf8mb4",
                        // Whoever gets hold of a backup isn't let in by it, and none brings back a device that was put
                        // out.
                        "--ignore-table-data=" + access.schema() + ".SPRING_SESSION",
                        "--ignore-table-data=" + access.schema() + ".SPRING_SESSION_ATTRIBUTES"),
                tool -> {
                    tool.getOutputStream().close();
                    tool.getInputStream().transferTo(out);
                });
    }

    /**
     * Empties the database and reads in what was written out.
     *
     * @throws DatabaseTrouble where the tool says that it can't
     */
    public void load(InputStream in) throws IOException {
        empty();
        run(List.of("mariadb", "--default-character-set=utf8mb4"), tool -> {
            try (OutputStream into = tool.getOutputStream()) {
                in.transferTo(into);
            }
            tool.getInputStream().transferTo(OutputStream.nullOutputStream());
        });
    }

    /** Empties the database. */
    public void empty() {
        try (Connection connection = access.server().connect();
                Statement statement = connection.createStatement()) {
            statement.execute("DROP DATABASE IF EXISTS " + access.schema());
            statement.execute("CREATE DATABASE " + access.schema() + Access.CHARACTERS);
        } catch (SQLException e) {
            throw new DatabaseTrouble(
                    "The database " + access.schema() + " could not be made ready: " + e.getMessage(), e);
        }
    }

    /** What is done with a tool while it runs. */
    @FunctionalInterface
    private interface Work {
        void with(Process tool) throws IOException;
    }

    private void run(List<String> tool, Work work) throws IOException {
        Path options = Files.createTempFile(
                "mellow", ".cnf", PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        try {
            Files.writeString(options, access.optionFile());
            List<String> command = new ArrayList<>(tool);
            command.add(1, "--defaults-file=" + options);
            command.add(access.schema());
            Process process = OwnProcesses.start(new ProcessBuilder(command));
            CompletableFuture<String> complaint = CompletableFuture.supplyAsync(() -> words(process));
            IOException broken = attempt(work, process);
            int code = process.waitFor();
            if (broken != null && complaint.join().isBlank()) {
                throw broken;
            }
            if (code != 0) {
                throw new DatabaseTrouble(tool.get(0) + " failed: " + complaint.join(), broken);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new DatabaseTrouble(tool.get(0) + " was interrupted.", e);
        } finally {
            Files.deleteIfExists(options);
        }
    }

    /** Why it broke off; null where it didn't. A pipe that breaks is the tool's complaint to tell, where it has one. */
    private static IOException attempt(Work work, Process process) {
        try {
            work.with(process);
            return null;
        } catch (IOException broken) {
            OwnProcesses.end(process);
            return broken;
        }
    }

    private static String words(Process process) {
        try (BufferedReader lines = process.errorReader(StandardCharsets.UTF_8)) {
            return String.join(" ", lines.lines().limit(20).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
