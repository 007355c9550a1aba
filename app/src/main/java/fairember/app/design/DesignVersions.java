package fairember.app.design;

import fairember.app.codec.Codec;
import fairember.app.database.Database;
import fairember.core.design.Design;
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
    void keep(long designId, int edition, Design design) {
        int batches = database.write("""
                insert or ignore into batch_version (batch_id, design_id, edition)
                select batch.id, ?, ? from document batch join batch_design on batch_id = batch.id
                where batch.kind = 'batch' and design_id = ?
                    and (batch.json ->> '$.state' = 'FINISHED' or batch.json ->> '$.state' = 'ON_BENCH' and (
                        exists (select 1 from document progress, json_each(progress.json, '$.tallies') tally
                            where progress.kind = 'progress' and progress.id = batch.id
                            and tally.value ->> '$.designId' = ?)
                        or exists (select 1 from reference, document load, json_each(load.json, '$.items') item
                            where from_kind = 'load' and to_kind = 'batch' and to_id = batch.id
                            and load.kind = 'load' and load.id = from_id
                            and item.value ->> '$.batchId' = batch.id and item.value ->> '$.designId' = ?)))
                """, designId, edition, designId, designId, designId);
        if (batches > 0) {
            database.write(
                    "insert or ignore into document_version (kind, id, edition, json) values ('design', ?, ?, ?)",
                    designId,
                    edition,
                    Codec.write(design).toString());
        }
    }

    /** The design as it was at an edition that was kept. */
    Optional<Design> find(long designId, int edition) {
        return database.one(
                "select json from document_version where kind = 'design' and id = ? and edition = ?",
                row -> Codec.read(mapper.readTree(row.getString(1)), Design.class, designId),
                designId,
                edition);
    }

    /** Editions of a design that were kept, the newest first. */
    List<Integer> editions(long designId) {
        return database.list(
                "select edition from document_version where kind = 'design' and id = ? order by edition desc",
                row -> row.getInt(1),
                designId);
    }

    /** Names of the batches that keep to an edition of a design. */
    List<String> batches(long designId, int edition) {
        return database.list("""
                select name from document join batch_version on batch_id = document.id
                where kind = 'batch' and design_id = ? and batch_version.edition = ? order by json ->> '$.dueOn', id
                """, row -> row.getString(1), designId, edition);
    }
}
