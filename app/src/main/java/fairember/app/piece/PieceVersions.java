package fairember.app.piece;

import fairember.app.database.Database;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/**
 * Pieces as they were when runs used them. A run that is finished, or has begun to make the piece, keeps to it as it is when it
 * next changes; a run that has not begun it follows it. Taking a run off the bench lets it follow again.
 */
@Repository
public class PieceVersions {
    private final Database database;
    private final JsonMapper mapper;

    PieceVersions(Database database, JsonMapper mapper) {
        this.database = database;
        this.mapper = mapper;
    }

    /** Keeps the piece as it is before it changes, when a run has made some of it. */
    void keep(long pieceId, int edition, PieceForm form) {
        int runs = database.write("""
                update run_line set piece_edition = ? where piece_id = ? and piece_edition is null
                    and run_id in (select id from run where state = 'FINISHED' or state = 'ON_BENCH' and (
                        exists (select 1 from tally where tally.run_id = run.id
                            and tally.piece_id = run_line.piece_id and tally.done + tally.lost > 0)
                        or exists (select 1 from load_item where load_item.run_id = run.id
                            and load_item.piece_id = run_line.piece_id)))
                """, edition, pieceId);
        if (runs > 0) {
            database.write(
                    "insert into piece_version values (?, ?, ?) on conflict do nothing",
                    pieceId,
                    edition,
                    mapper.writeValueAsString(form));
        }
    }

    /** The piece as it was at an edition that was kept. */
    Optional<PieceForm> find(long pieceId, int edition) {
        return database.one(
                "select form from piece_version where piece_id = ? and edition = ?",
                row -> mapper.readValue(row.getString(1), PieceForm.class),
                pieceId,
                edition);
    }

    /** Editions of a piece that were kept, the newest first. */
    List<Integer> editions(long pieceId) {
        return database.list(
                "select edition from piece_version where piece_id = ? order by edition desc",
                row -> row.getInt(1),
                pieceId);
    }

    /** Names of the runs that keep to an edition of a piece. */
    List<String> runs(long pieceId, int edition) {
        return database.list("""
                select name from run join run_line on run_id = id
                where piece_id = ? and piece_edition = ? order by due_on, id
                """, row -> row.getString(1), pieceId, edition);
    }
}
