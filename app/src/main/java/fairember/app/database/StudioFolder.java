package fairember.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** The folder that holds all of a studio, held by one running Fair Ember at a time. */
final class StudioFolder implements AutoCloseable {
    private final Path folder;
    private final FileChannel held;

    private StudioFolder(Path folder, FileChannel held) {
        this.folder = folder;
        this.held = held;
    }

    /**
     * Makes the folder when it is not there and takes hold of it.
     *
     * @throws IllegalStateException when another Fair Ember holds it
     * @throws UncheckedIOException when it cannot be made or written
     */
    static StudioFolder open(Path path) {
        Path folder = path.toAbsolutePath().normalize();
        try {
            Files.createDirectories(folder);
            FileChannel channel =
                    FileChannel.open(folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (channel.tryLock() == null) {
                channel.close();
                throw held(folder);
            }
            return new StudioFolder(folder, channel);
        } catch (OverlappingFileLockException twice) {
            throw held(folder);
        } catch (IOException trouble) {
            throw new UncheckedIOException("The studio's folder " + folder + " cannot be used: " + trouble, trouble);
        }
    }

    private static IllegalStateException held(Path folder) {
        return new IllegalStateException("The studio in " + folder
                + " is open in another Fair Ember. Stop that one, or give --data another folder.");
    }

    Path file() {
        return folder.resolve("fairember.db");
    }

    @Override
    public void close() throws IOException {
        held.close();
    }
}
