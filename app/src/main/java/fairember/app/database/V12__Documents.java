package fairember.app.database;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is saved becomes documents: one row of JSON for each thing, in the form that goes over the border and into the
 * journal. What is a log by nature (times, readings of probes) stays in tables of its own.
 *
 * <p>A query of a kind names its columns as the fields of the form. A name with points goes into an object within; one that
 * ends in {@code ?} is a truth, in {@code {}} JSON, in {@code []} words between commas; what is null is left out.
 */
final class V12__Documents extends BaseJavaMigration {
    private static final JsonMapper JSON = new JsonMapper();

    private static final String SCHEMA = """
            create table document (
                kind text not null,
                id integer not null,
                edition integer not null,
                name text not null,
                json text not null,
                primary key (kind, id)
            ) strict;
            create table reference (
                from_kind text not null,
                from_id integer not null,
                to_kind text not null,
                to_id integer not null,
                primary key (from_kind, from_id, to_kind, to_id),
                foreign key (from_kind, from_id) references document (kind, id) on delete cascade,
                foreign key (to_kind, to_id) references document (kind, id)
            ) strict, without rowid;
            create index reference_by_used on reference (to_kind, to_id);
            create table document_version (
                kind text not null,
                id integer not null,
                edition integer not null,
                json text not null,
                primary key (kind, id, edition),
                foreign key (kind, id) references document (kind, id) on delete cascade
            ) strict;
            create table batch_version (
                batch_kind text not null default 'batch' check (batch_kind = 'batch'),
                batch_id integer not null,
                design_id integer not null,
                edition integer not null,
                primary key (batch_id, design_id),
                foreign key (batch_kind, batch_id) references document (kind, id) on delete cascade
            ) strict;
            create table logged_time (
                id integer primary key,
                batch_kind text not null default 'batch' check (batch_kind = 'batch'),
                batch_id integer not null,
                design_kind text not null default 'design' check (design_kind = 'design'),
                design_id integer not null,
                step integer not null,
                started_at text not null,
                ended_at text not null,
                foreign key (batch_kind, batch_id) references document (kind, id),
                foreign key (design_kind, design_id) references document (kind, id)
            ) strict;
            create index logged_time_by_step on logged_time (batch_id, design_id, step)""";

    private static final String TRIGGERS = """
            create trigger document_comes after insert on document begin
                update document set edition = max(edition,
                        1 + (select edition from past_edition where kind = new.kind and id = new.id))
                    where kind = new.kind and id = new.id
                    and exists (select 1 from past_edition where kind = new.kind and id = new.id);
            end;;
            create trigger document_goes after delete on document begin
                insert into past_edition values (old.kind, old.id, old.edition)
                    on conflict do update set edition = max(edition, excluded.edition);
            end;;
            create trigger job_goes_too before delete on document when old.kind in ('batch', 'design') begin
                delete from document where kind = 'job' and id in (select from_id from reference
                    where from_kind = 'job' and to_kind = old.kind and to_id = old.id);
            end""";

    private static final Map<String, String> PAST_KINDS = Map.of(
            "piece",
            "design",
            "run",
            "batch",
            "clay_line",
            "range",
            "bought_part",
            "finding",
            "wire_coil",
            "coil",
            "oven_load",
            "load",
            "studio",
            "settings",
            "wishes",
            "constraints",
            "trial_tile",
            "tile");

    /** The tables that go, children before their parents. */
    private static final List<String> GONE = List.of(
            "block_size",
            "clay_lot",
            "fitting",
            "gate_line",
            "gate_tick",
            "tally",
            "hand",
            "hot_spot",
            "dial_reading",
            "oven_shelf",
            "load_item",
            "oven_load",
            "lump_part",
            "lump",
            "leftovers",
            "machine_setting",
            "machine",
            "mix_inclusion",
            "mix_line",
            "part",
            "piece_insert",
            "wire",
            "stage",
            "step",
            "run_line",
            "time_log",
            "progress",
            "run",
            "piece_version",
            "piece",
            "mix",
            "trial_tile_part",
            "trial_tile",
            "clay",
            "clay_line",
            "bought_part",
            "wire_coil",
            "pin_item",
            "pin",
            "apart",
            "wishes",
            "probe",
            "trial_row",
            "trial",
            "oven",
            "studio");

    /**
     * A list within a form.
     *
     * @param sql gives its rows; its one parameter is the number in the first column of the row it belongs to
     */
    private record Children(String field, String sql, List<Children> within) {
        Children(String field, String sql) {
            this(field, sql, List.of());
        }
    }

    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        run(connection, SCHEMA.split(";\n"));
        shelf(connection);
        mixes(connection);
        designs(connection);
        batches(connection);
        ovens(connection);
        studio(connection);
        references(connection);
        versionsAndTimes(connection);
        for (String table : GONE) {
            run(connection, "drop table " + table);
        }
        for (Map.Entry<String, String> kind : PAST_KINDS.entrySet()) {
            run(
                    connection,
                    "update past_edition set kind = '%s' where kind = '%s'".formatted(kind.getValue(), kind.getKey()));
        }
        run(connection, TRIGGERS.split(";;\n"));
        for (String column : List.of("before", "after")) {
            run(
                    connection,
                    "update change set %1$s = replace(%1$s, '\"offC\":', '\"warmerC\":') where kind = 'oven'"
                            .formatted(column));
        }
    }

    private static void shelf(Connection connection) throws SQLException {
        documents(connection, "range", """
                select id, edition, name, low_c as lowC, high_c as highC, ceiling_c as ceilingC,
                    per_6_mm_min as per6MmMin, least_min as leastMin, most_min as mostMin, greatest_mm as greatestMm,
                    density_g_per_cm3 as densityGPerCm3, dries_h as driesH from clay_line
                """);
        documents(connection, "clay", """
                select id, edition, name, line_id as rangeId, raw_hex as rawHex, cured_hex as curedHex, opacity,
                    strength, effect, open_g as openG, sold as "sold?", swatch_measured as "swatchMeasured?",
                    drop_g as dropG, lot_in_use as lotInUse from clay
                """, new Children("blocks", """
                        select position, mass_g as massG, price_minor as priceMinor, on_shelf as onShelf
                        from block_size where clay_id = ? order by position
                        """), new Children("lots", """
                        select position, name, bought_on as boughtOn, raw_hex as rawHex, cured_hex as curedHex
                        from clay_lot where clay_id = ? order by position
                        """));
        documents(connection, "finding", """
                select id, edition, name, price_minor as priceMinor, on_shelf as onShelf, mass_g as massG
                from bought_part
                """);
        documents(connection, "coil", """
                select id, edition, name, gauge_mm as gaugeMm, metal, length_m as lengthM, on_shelf as onShelf,
                    price_minor as priceMinor from wire_coil
                """);
    }

    private static void mixes(Connection connection) throws SQLException {
        documents(
                connection,
                "mix",
                "select id, edition, name, unit, retired as \"retired?\" from mix",
                new Children("parts", """
                        select position, clay_id as clayId, inner_mix_id as mixId, parts from mix_line
                        where mix_id = ? order by position
                        """),
                new Children("inclusions", """
                        select position, name, percent, effect, price_minor as priceMinor from mix_inclusion
                        where mix_id = ? order by position
                        """));
        documents(connection, "tile", """
                select id, edition, name, made_on as madeOn, raw_hex as rawHex, cured_hex as curedHex,
                    measured as "measured?", note, nullif(confirmed, 0) as "confirmed?" from trial_tile
                """, new Children("parts", """
                        select position, clay_id as clayId, parts from trial_tile_part where tile_id = ? order by position
                        """));
        documents(
                connection,
                "leftovers",
                "select id, edition, 'Leftovers' as \"\" from leftovers",
                new Children("lumps", """
                        select position, name, made_on as madeOn, mass_g as massG, mix_id as mixId from lump
                        where ? = 1 order by position
                        """, List.of(new Children("parts", """
                                select position, clay_id as clayId, parts from lump_part where lump = ? order by position
                                """))));
        documents(
                connection,
                "trial",
                "select id, edition, name, made_on as madeOn, note from trial",
                new Children("rows", """
                        select position, name, hex, note, chosen as "chosen?" from trial_row where trial_id = ?
                        order by position
                        """));
        documents(
                connection,
                "machine",
                "select id, edition, name, roller_mm as rollerMm from machine",
                new Children("settings", """
                        select position, name, thick_mm as thickMm from machine_setting where machine_id = ?
                        order by position
                        """));
    }

    private static void designs(Connection connection) throws SQLException {
        documents(
                connection,
                "design",
                """
                select id, edition, name, collection, kind, pose, pin_across_mm as "pin.acrossMm",
                    pin_up_mm as "pin.upMm", price_minor as priceMinor, school as bakingMethod, drawn_as as drawn
                from piece
                """,
                new Children("parts", """
                        select position, name, shape as "shape.kind", dimensions as "shape.dimensions{}",
                            outline as "shape.outline{}", count, mix_id as mixId, stage, spares, around,
                            iif(core_packing is null, null, core_shell_mm) as "core.shellMm",
                            core_packing as "core.packing",
                            iif(core_packing is null, null, coalesce(core_floor, 'COVERED')) as "core.floor",
                            iif(core_packing is null, null, coalesce(nullif(core_lobes, 0), 1)) as "core.lobes",
                            across_mm as "placement.acrossMm", up_mm as "placement.upMm",
                            front_mm as "placement.frontMm", tilt_deg as "placement.tiltDeg",
                            arrangement as "placement.arrangement", facing as "placement.facing"
                        from part where piece_id = ? order by position
                        """),
                new Children("stages", """
                        select position, name, kind, loose as "loose?", cooling_min as coolingMin, quench as "quench?"
                        from stage where piece_id = ? order by position
                        """),
                new Children("steps", """
                        select position, name, station, setup_min as setupMin, each_min as eachMin, stage from step
                        where piece_id = ? order by position
                        """),
                new Children("fittings", """
                        select position, bought_part_id as findingId, count from fitting where piece_id = ?
                        order by position
                        """),
                new Children(
                        "checks", "select position, words as \"\" from gate_line where piece_id = ? order by position"),
                new Children("inserts", """
                        select position, name, thick_mm as thickMm, length_mm as lengthMm, covered_mm as coveredMm,
                            mass_g as massG, stays as "stays?", ceiling_c as ceilingC, contents, turns,
                            sheet_mm as sheetMm, seam_mm as seamMm, across_mm as acrossMm, up_mm as upMm
                        from piece_insert where piece_id = ? order by position
                        """),
                new Children("wires", """
                        select position, name, gauge_mm as gaugeMm, metal, count, legs as "legs{}" from wire
                        where piece_id = ? order by position
                        """));
    }

    private static void batches(Connection connection) throws SQLException {
        documents(
                connection,
                "batch",
                "select id, edition, name, state, begins_on as beginsOn, due_on as dueOn from run",
                new Children("lines", """
                        select position, piece_id as designId, quantity from run_line where run_id = ? order by position
                        """));
        documents(
                connection,
                "progress",
                "select run_id as id, edition, 'Progress' as \"\" from progress",
                new Children("tallies", """
                        select 0, piece_id as designId, step, done, lost from tally where run_id = ?
                        order by piece_id, step
                        """),
                new Children("ticks", """
                        select 0, piece_id as designId, line as "check" from gate_tick where run_id = ?
                        order by piece_id, line
                        """));
        documents(connection, "job", """
                select id, 1, 'Current job' as "", run_id as batchId, piece_id as designId, step,
                    started_at as startedAt from hand
                """);
    }

    private static void ovens(Connection connection) throws SQLException {
        documents(
                connection,
                "oven",
                """
                select id, edition, name, tray_width_mm as trayWidthMm, tray_depth_mm as trayDepthMm,
                    clearance_mm as clearanceMm, gap_mm as gapMm, preheat_min as preheatMin,
                    preheat_kwh as preheatKwh, hold_kw as keepHotKw, unload_min as unloadMin, cold as "cold?", air,
                    opens, closes from oven
                """,
                new Children("readings", """
                        select position, dial_c as dialC, read_c as readC from dial_reading where oven_id = ?
                        order by position
                        """),
                new Children("moreClearancesMm", """
                        select position, clearance_mm as "" from oven_shelf where oven_id = ? order by position
                        """),
                new Children("spots", """
                        select position, left_mm as leftMm, back_mm as backMm, off_c as warmerC from hot_spot
                        where oven_id = ? order by position
                        """));
        documents(connection, "load", """
                select id, edition, '' as "", temp_c as tempC, hold_min as bakingMin, in_at as inAt, out_at as outAt,
                    oven_id as ovenId from oven_load
                """, new Children("items", """
                        select position, run_id as batchId, piece_id as designId, stage, count from load_item
                        where load_id = ? order by position
                        """));
        documents(
                connection,
                "constraints",
                "select id, edition, 'Pinned loads' as \"\" from wishes",
                new Children(
                        "pins",
                        "select position, oven_id as ovenId, in_at as inAt from pin where ? = 1 order by position",
                        List.of(new Children("items", """
                                select position, run_id as batchId, piece_id as designId, stage, count from pin_item
                                where pin = ? order by position
                                """))),
                new Children("apart", """
                        select position, run_id as "one.batchId", piece_id as "one.designId", stage as "one.stage",
                            other_run_id as "other.batchId", other_piece_id as "other.designId",
                            other_stage as "other.stage" from apart where ? = 1 order by position
                        """));
        documents(connection, "probe", "select oven_id, 1, 'Probe' as \"\", token from probe");
    }

    private static void studio(Connection connection) throws SQLException {
        documents(connection, "settings", """
                select id, edition, name, currency, hour_minor as hourMinor, kwh_minor as kwhMinor,
                    waste_percent as wastePercent, margin_percent as marginPercent, step_minor as stepMinor,
                    school as bakingMethod, long_hold_min as longAndLowMin, set_min as partBakeMin, opens, closes,
                    days as "days[]", foil_um as foilUm, foil_width_mm as foilWidthMm, foil_length_m as foilLengthM,
                    foil_price_minor as foilPriceMinor, foil_loose_g_per_cm3 as looseGPerCm3,
                    foil_firm_g_per_cm3 as firmGPerCm3, foil_hard_g_per_cm3 as hardGPerCm3, cord_mm as cordMm,
                    machine_g as machineG, scale_step_g as scaleStepG, makers, by_heat as "byHeat?" from studio
                """);
    }

    private static void references(Connection connection) throws SQLException {
        reference(connection, "clay", "id", "range", "line_id", "clay");
        reference(connection, "mix", "mix_id", "clay", "clay_id", "mix_line");
        reference(connection, "mix", "mix_id", "mix", "inner_mix_id", "mix_line");
        reference(connection, "tile", "tile_id", "clay", "clay_id", "trial_tile_part");
        reference(connection, "leftovers", "1", "mix", "mix_id", "lump");
        reference(connection, "leftovers", "1", "clay", "clay_id", "lump_part");
        reference(connection, "design", "piece_id", "mix", "mix_id", "part");
        reference(connection, "design", "piece_id", "finding", "bought_part_id", "fitting");
        reference(connection, "batch", "run_id", "design", "piece_id", "run_line");
        reference(connection, "progress", "run_id", "batch", "run_id", "progress");
        reference(connection, "progress", "run_id", "design", "piece_id", "tally");
        reference(connection, "progress", "run_id", "design", "piece_id", "gate_tick");
        reference(connection, "job", "id", "batch", "run_id", "hand");
        reference(connection, "job", "id", "design", "piece_id", "hand");
        reference(connection, "load", "id", "oven", "oven_id", "oven_load");
        reference(connection, "load", "load_id", "batch", "run_id", "load_item");
        reference(connection, "load", "load_id", "design", "piece_id", "load_item");
    }

    private static void reference(
            Connection connection, String kind, String id, String usedKind, String usedId, String table)
            throws SQLException {
        run(
                connection,
                "insert or ignore into reference select '%s', %s, '%s', %s from %s where %4$s is not null"
                        .formatted(kind, id, usedKind, usedId, table));
    }

    private static void versionsAndTimes(Connection connection) throws SQLException {
        run(
                connection,
                "insert into document_version select 'design', piece_id, edition, form from piece_version",
                """
                insert into batch_version (batch_id, design_id, edition)
                select run_id, piece_id, piece_edition from run_line where piece_edition is not null
                """,
                """
                insert into logged_time (id, batch_id, design_id, step, started_at, ended_at)
                select id, run_id, piece_id, step, started_at, ended_at from time_log
                """);
    }

    /** The documents of a kind. The first columns of the query are the number, the edition and the name. */
    private static void documents(Connection connection, String kind, String sql, Children... lists)
            throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql);
                PreparedStatement add = connection.prepareStatement("insert into document values (?, ?, ?, ?, ?)")) {
            while (rows.next()) {
                ObjectNode form = (ObjectNode) form(connection, rows, 3, List.of(lists));
                add.setString(1, kind);
                add.setLong(2, rows.getLong(1));
                add.setInt(3, rows.getInt(2));
                add.setString(4, rows.getString(3));
                add.setString(5, JSON.writeValueAsString(form));
                add.addBatch();
            }
            add.executeBatch();
        }
    }

    /** The form in a row from a column on, its lists filled by the number in the first column. */
    private static JsonNode form(Connection connection, ResultSet row, int from, List<Children> lists)
            throws SQLException {
        ResultSetMetaData columns = row.getMetaData();
        ObjectNode form = JSON.createObjectNode();
        for (int i = from; i <= columns.getColumnCount(); i++) {
            Object value = row.getObject(i);
            if (value != null) {
                String name = columns.getColumnLabel(i);
                if (name.isEmpty() && from == 2) {
                    return JSON.valueToTree(value);
                }
                if (!name.isEmpty()) {
                    put(form, name, value);
                }
            }
        }
        for (Children list : lists) {
            ArrayNode items = form.putArray(list.field());
            try (PreparedStatement statement = connection.prepareStatement(list.sql())) {
                statement.setLong(1, row.getLong(1));
                try (ResultSet rows = statement.executeQuery()) {
                    while (rows.next()) {
                        items.add(form(connection, rows, 2, list.within()));
                    }
                }
            }
        }
        return form;
    }

    private static void put(ObjectNode form, String name, Object value) {
        int point = name.indexOf('.');
        if (point > 0) {
            put(form.withObjectProperty(name.substring(0, point)), name.substring(point + 1), value);
        } else if (name.endsWith("?")) {
            form.put(name.substring(0, name.length() - 1), ((Number) value).intValue() != 0);
        } else if (name.endsWith("{}")) {
            form.set(name.substring(0, name.length() - 2), JSON.readTree((String) value));
        } else if (name.endsWith("[]")) {
            form.set(name.substring(0, name.length() - 2), JSON.valueToTree(((String) value).split(",", -1)));
        } else {
            form.set(name, JSON.valueToTree(value));
        }
    }

    private static void run(Connection connection, String... sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (String one : sql) {
                statement.execute(one);
            }
        }
    }
}
