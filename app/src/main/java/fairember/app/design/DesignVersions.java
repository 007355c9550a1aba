package fairember.app.design;

import fairember.app.database.Database;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/**
 * Designs as they were when batches used them. A batch that is finished, or has begun to make the design, keeps to it as it is when it
 * next changes; a batch that has not begun it follows it. Taking a batch off the bench lets it follow again.
 */
@Repository
public class DesignVersions {
    private final Database database;
    private final JsonMapper mapper;

    DesignVersions(Database database, JsonMapper mapper) {
        this.database = database;
        this.mapper = mapper;
    }

    /** Keeps the design as it is before it changes, when a batch has made some of it. */
    void keep(long designId, int edition, DesignForm form) {
        int batches = database.write("""
                update run_line set piece_edition = ? where piece_id = ? and piece_edition is null
                    and run_id in (select id from run where state = 'FINISHED' or state = 'ON_BENCH' and (
                        exists (select 1 from tally where tally.run_id = run.id
                            and tally.piece_id = run_line.piece_id and tally.done + tally.lost > 0)
                        or exists (select 1 from load_item where load_item.run_id = run.id
                            and load_item.piece_id = run_line.piece_id)))
                """, edition, designId);
        if (batches > 0) {
            database.write(
                    "insert into piece_version values (?, ?, ?) on conflict do nothing",
                    designId,
                    edition,
                    mapper.writeValueAsString(form));
        }
    }

    /** The design as it was at an edition that was kept. */
    Optional<DesignForm> find(long designId, int edition) {
        return database.one(
                "select form from piece_version where piece_id = ? and edition = ?",
                row -> mapper.readValue(row.getString(1), DesignForm.class),
                designId,
                edition);
    }

    /** Editions of a design that were kept, the newest first. */
    List<Integer> editions(long designId) {
        return database.list(
                "select edition from piece_version where piece_id = ? order by edition desc",
                row -> row.getInt(1),
                designId);
    }

    /** Names of the batches that keep to an edition of a design. */
    List<String> batches(long designId, int edition) {
        return database.list("""
                select name from run join run_line on run_id = id
                where piece_id = ? and piece_edition = ? order by due_on, id
                """, row -> row.getString(1), designId, edition);
    }
}
