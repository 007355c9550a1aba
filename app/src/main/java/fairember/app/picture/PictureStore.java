package fairember.app.picture;

import fairember.app.database.Database;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Pictures as they are kept: JPEG, upright, none ever changed or removed, so that what shows one can be undone and redone. */
@Repository
public class PictureStore {
    private final Database database;

    PictureStore(Database database) {
        this.database = database;
    }

    /** Keeps a picture and gives its number. */
    long add(byte[] jpeg, int widePx, int highPx) {
        return database.one(
                        "insert into picture (wide_px, high_px, jpeg) values (?, ?, ?) returning id",
                        row -> row.getLong(1),
                        widePx,
                        highPx,
                        jpeg)
                .orElseThrow();
    }

    /** A picture as it was kept. */
    public Optional<byte[]> find(long id) {
        return database.one("select jpeg from picture where id = ?", row -> row.getBytes(1), id);
    }

    /** Whether there is a picture of this number. */
    public boolean has(long id) {
        return database.one("select 1 from picture where id = ?", row -> 1, id).isPresent();
    }
}
