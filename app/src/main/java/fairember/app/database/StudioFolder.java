package fairember.app.database;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * The folder that holds all of a studio, used by one running Fair Ember at a time. A lock on a file keeps others out; who
 * holds it is also written in the studio itself, so that deleting that file lets nobody in.
 */
public final class StudioFolder implements AutoCloseable {
    private static final boolean POSIX =
            FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
    private static final Set<Path> OPEN_HERE = ConcurrentHashMap.newKeySet();

    private final Path folder;
    private final FileChannel lock;

    private StudioFolder(Path folder, FileChannel lock) {
        this.folder = folder;
        this.lock = lock;
    }

    /**
     * Makes the folder when it is not there and takes baking time of it; what an earlier start left in its {@code tmp} is removed.
     *
     * @throws UnfitFileException when it cannot be used, or another Fair Ember uses it
     */
    static StudioFolder open(Path path) {
        Path folder = path.toAbsolutePath().normalize();
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new UnfitFileException(folder + " is a file, not a folder. It was not changed. Choose a folder.");
        }
        try {
            create(folder);
            if (!OPEN_HERE.add(folder.toRealPath())) {
                throw inUse(folder);
            }
            return saved(folder.toRealPath());
        } catch (IOException trouble) {
            throw new UnfitFileException(
                    "The studio's folder " + folder + " cannot be used (" + trouble
                            + "). Nothing was changed. Check its permissions, or choose another folder with --data.",
                    trouble);
        }
    }

    private static StudioFolder saved(Path folder) throws IOException {
        try {
            FileChannel channel =
                    FileChannel.open(folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            try {
                FileLock lock = channel.tryLock();
                StudioFolder opened = new StudioFolder(folder, channel);
                if (lock == null || Holder.another(opened.file())) {
                    channel.close();
                    throw inUse(folder);
                }
                opened.clearTemporary();
                return opened;
            } catch (OverlappingFileLockException twice) {
                channel.close();
                throw inUse(folder);
            }
        } catch (IOException | RuntimeException trouble) {
            OPEN_HERE.remove(folder);
            throw trouble;
        }
    }

    private static void create(Path folder) throws IOException {
        if (Files.notExists(folder)) {
            Files.createDirectories(folder);
            if (POSIX) {
                Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            }
        }
    }

    private static UnfitFileException inUse(Path folder) {
        return new UnfitFileException("The studio in " + folder
                + " is open in another running Fair Ember. Stop that one, or choose another folder with --data.");
    }

    Path file() {
        return folder.resolve("fairember.db");
    }

    /** The file, readable by its owner only; what SQLite writes beside it gets the same permissions. */
    Path createdFile() throws IOException {
        Path file = file();
        if (Files.notExists(file)) {
            Files.createFile(file);
        }
        if (POSIX) {
            for (String beside : new String[] {"", "-wal", "-shm"}) {
                Path each = folder.resolve(file.getFileName() + beside);
                if (Files.exists(each)) {
                    Files.setPosixFilePermissions(each, PosixFilePermissions.fromString("rw-------"));
                }
            }
        }
        return file;
    }

    /** A folder for what is only needed while Fair Ember runs. */
    Path temporary() throws IOException {
        Path temporary = own(folder);
        create(temporary);
        return temporary;
    }

    /** A folder for copies of the studio. */
    Path copies() throws IOException {
        Path copies = folder.resolve("copies");
        create(copies);
        return copies;
    }

    /** Where a process that uses a folder keeps what is only needed while it runs. */
    public static Path own(Path folder) {
        return folder.resolve("tmp")
                .resolve(Long.toString(ProcessHandle.current().pid()));
    }

    private void clearTemporary() throws IOException {
        Path all = folder.resolve("tmp");
        if (Files.notExists(all)) {
            return;
        }
        try (Stream<Path> files = Files.walk(all)) {
            files.filter(file -> !file.startsWith(own(folder)) && !file.equals(all))
                    .sorted(java.util.Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        }
    }

    @Override
    public void close() throws IOException {
        OPEN_HERE.remove(folder);
        lock.close();
    }
}
