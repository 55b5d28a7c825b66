package potmellow.app.backup;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The folder with a garden's backups. A file that bears a backup's name is whole and was read back. */
final class BackupFolder {
    private static final String ENDING = ".sql.gz";
    private static final String PART = ".part";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuuMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);
    private static final int BEFORE_UPGRADES_KEPT = 3;

    private final Path folder;

    BackupFolder(Path folder) {
        this.folder = folder;
    }

    /** What a backup is made for; it is the first word of its name. */
    enum Kind {
        DAILY,
        UPGRADE;

        private String prefix() {
            return name().toLowerCase(java.util.Locale.ROOT) + "-";
        }
    }

    /** Backups of a kind, the latest first. */
    List<Backup> all(Kind kind) throws IOException {
        List<Backup> found = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, kind.prefix() + "*" + ENDING)) {
                for (Path file : files) {
                    madeAt(kind, file).ifPresent(at -> found.add(new Backup(file, at)));
                }
            }
        }
        found.sort(Comparator.comparing(Backup::at).reversed());
        return found;
    }

    private static Optional<Instant> madeAt(Kind kind, Path file) {
        String name = file.getFileName().toString();
        try {
            String stamp = name.substring(kind.prefix().length(), name.length() - ENDING.length());
            return Optional.of(STAMP.parse(stamp, Instant::from));
        } catch (DateTimeParseException notOurs) {
            return Optional.empty();
        }
    }

    /** What writes the bytes of a backup, and then reads them back. */
    interface Maker {
        void write(Path file) throws IOException;

        void check(Path file) throws IOException;
    }

    /** Adds a backup once it is written, on the disk and checked; takes away those that are no longer kept. */
    Backup add(Kind kind, Instant at, ZoneId zone, Maker maker) throws IOException {
        Files.createDirectories(
                folder, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
        clearAbandoned();
        Path whole = folder.resolve(kind.prefix() + STAMP.format(at) + ENDING);
        put(whole, maker);
        thin(kind, zone);
        return new Backup(whole, at.truncatedTo(ChronoUnit.SECONDS));
    }

    /** What was killed while it was written. */
    private void clearAbandoned() throws IOException {
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, "*" + PART)) {
            for (Path part : parts) {
                Files.delete(part);
            }
        }
    }

    /** Puts a file somewhere once it is written, on the disk and checked. */
    static void put(Path whole, Maker maker) throws IOException {
        Path part = whole.resolveSibling(whole.getFileName() + PART);
        try {
            Files.deleteIfExists(part);
            Files.createFile(part, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            maker.write(part);
            try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            maker.check(part);
            Files.move(part, whole, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private void thin(Kind kind, ZoneId zone) throws IOException {
        List<Backup> all = all(kind);
        Set<Instant> kept = kind == Kind.DAILY
                ? Keeping.USUAL.of(all.stream().map(Backup::at).toList(), zone)
                : all.stream().limit(BEFORE_UPGRADES_KEPT).map(Backup::at).collect(Collectors.toSet());
        for (Backup backup : all) {
            if (!kept.contains(backup.at())) {
                Files.deleteIfExists(backup.file());
            }
        }
    }

    /**
     * A backup.
     *
     * @param file where it lies
     * @param at when it was made
     */
    record Backup(Path file, Instant at) {}
}
