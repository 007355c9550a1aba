package fairember.app.database;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;

/**
 * Fills the documents from the tables there were: one row of JSON for each thing, in the form that goes over the border and into
 * the journal; what it refers to; old versions and times. {@link FormRows} says how a query names the fields of a form.
 */
final class V13__Documents extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws Exception {
        Connection connection = context.getConnection();
        shelf(connection);
        mixes(connection);
        designs(connection);
        batches(connection);
        ovens(connection);
        studio(connection);
        references(connection);
        versionsAndTimes(connection);
    }

    private static void shelf(Connection connection) throws SQLException {
        FormRows.documents(connection, "range", """
                select id, edition, name, low_c as lowC, high_c as highC, ceiling_c as ceilingC,
                    per_6_mm_min as per6MmMin, least_min as leastMin, most_min as mostMin, greatest_mm as greatestMm,
                    density_g_per_cm3 as densityGPerCm3, dries_h as driesH from clay_line
                """);
        FormRows.documents(
                connection, "clay", """
                select id, edition, name, line_id as rangeId, raw_hex as rawHex, cured_hex as curedHex, opacity,
                    strength, effect, open_g as openG, sold as "sold?", swatch_measured as "swatchMeasured?",
                    drop_g as dropG, lot_in_use as lotInUse from clay
                """, new FormRows.Children("blocks", """
                        select position, mass_g as massG, price_minor as priceMinor, on_shelf as onShelf
                        from block_size where clay_id = ? order by position
                        """), new FormRows.Children("lots", """
                        select position, name, bought_on as boughtOn, raw_hex as rawHex, cured_hex as curedHex
                        from clay_lot where clay_id = ? order by position
                        """));
        FormRows.documents(connection, "finding", """
                select id, edition, name, price_minor as priceMinor, on_shelf as onShelf, mass_g as massG
                from bought_part
                """);
        FormRows.documents(connection, "coil", """
                select id, edition, name, gauge_mm as gaugeMm, metal, length_m as lengthM, on_shelf as onShelf,
                    price_minor as priceMinor from wire_coil
                """);
    }

    private static void mixes(Connection connection) throws SQLException {
        FormRows.documents(
                connection,
                "mix",
                "select id, edition, name, unit, retired as \"retired?\" from mix",
                new FormRows.Children("parts", """
                        select position, clay_id as clayId, inner_mix_id as mixId, parts from mix_line
                        where mix_id = ? order by position
                        """),
                new FormRows.Children("inclusions", """
                        select position, name, percent, effect, price_minor as priceMinor from mix_inclusion
                        where mix_id = ? order by position
                        """));
        FormRows.documents(connection, "tile", """
                select id, edition, name, made_on as madeOn, raw_hex as rawHex, cured_hex as curedHex,
                    measured as "measured?", note, nullif(confirmed, 0) as "confirmed?" from trial_tile
                """, new FormRows.Children("parts", """
                        select position, clay_id as clayId, parts from trial_tile_part where tile_id = ? order by position
                        """));
        FormRows.documents(
                connection,
                "leftovers",
                "select id, edition, 'Leftovers' as \"\" from leftovers",
                new FormRows.Children("lumps", """
                        select position, name, made_on as madeOn, mass_g as massG, mix_id as mixId from lump
                        where ? = 1 order by position
                        """, List.of(new FormRows.Children("parts", """
                                select position, clay_id as clayId, parts from lump_part where lump = ? order by position
                                """))));
        FormRows.documents(
                connection,
                "trial",
                "select id, edition, name, made_on as madeOn, note from trial",
                new FormRows.Children("rows", """
                        select position, name, hex, note, chosen as "chosen?" from trial_row where trial_id = ?
                        order by position
                        """));
        FormRows.documents(
                connection,
                "machine",
                "select id, edition, name, roller_mm as rollerMm from machine",
                new FormRows.Children("settings", """
                        select position, name, thick_mm as thickMm from machine_setting where machine_id = ?
                        order by position
                        """));
    }

    private static void designs(Connection connection) throws SQLException {
        FormRows.documents(
                connection,
                "design",
                """
                select id, edition, name, collection, kind, pose, pin_across_mm as "pin.acrossMm",
                    pin_up_mm as "pin.upMm", price_minor as priceMinor, school as bakingMethod, drawn_as as drawn
                from piece
                """,
                new FormRows.Children("parts", """
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
                new FormRows.Children("stages", """
                        select position, name, kind, loose as "loose?", cooling_min as coolingMin, quench as "quench?"
                        from stage where piece_id = ? order by position
                        """),
                new FormRows.Children("steps", """
                        select position, name, station, setup_min as setupMin, each_min as eachMin, stage from step
                        where piece_id = ? order by position
                        """),
                new FormRows.Children("fittings", """
                        select position, bought_part_id as findingId, count from fitting where piece_id = ?
                        order by position
                        """),
                new FormRows.Children(
                        "checks", "select position, words as \"\" from gate_line where piece_id = ? order by position"),
                new FormRows.Children("inserts", """
                        select position, name, thick_mm as thickMm, length_mm as lengthMm, covered_mm as coveredMm,
                            mass_g as massG, stays as "stays?", ceiling_c as ceilingC, contents, turns,
                            sheet_mm as sheetMm, seam_mm as seamMm, across_mm as acrossMm, up_mm as upMm
                        from piece_insert where piece_id = ? order by position
                        """),
                new FormRows.Children("wires", """
                        select position, name, gauge_mm as gaugeMm, metal, count, legs as "legs{}" from wire
                        where piece_id = ? order by position
                        """));
    }

    private static void batches(Connection connection) throws SQLException {
        FormRows.documents(
                connection,
                "batch",
                "select id, edition, name, state, begins_on as beginsOn, due_on as dueOn from run",
                new FormRows.Children("lines", """
                        select position, piece_id as designId, quantity from run_line where run_id = ? order by position
                        """));
        FormRows.documents(
                connection,
                "progress",
                "select run_id as id, edition, 'Progress' as \"\" from progress",
                new FormRows.Children("tallies", """
                        select 0, piece_id as designId, step, done, lost from tally where run_id = ?
                        order by piece_id, step
                        """),
                new FormRows.Children("ticks", """
                        select 0, piece_id as designId, line as "check" from gate_tick where run_id = ?
                        order by piece_id, line
                        """));
        FormRows.documents(connection, "job", """
                select id, 1, 'Current job' as "", run_id as batchId, piece_id as designId, step,
                    started_at as startedAt from hand
                """);
    }

    private static void ovens(Connection connection) throws SQLException {
        FormRows.documents(
                connection,
                "oven",
                """
                select id, edition, name, tray_width_mm as trayWidthMm, tray_depth_mm as trayDepthMm,
                    clearance_mm as clearanceMm, gap_mm as gapMm, preheat_min as preheatMin,
                    preheat_kwh as preheatKwh, hold_kw as keepHotKw, unload_min as unloadMin, cold as "cold?", air,
                    opens, closes from oven
                """,
                new FormRows.Children("readings", """
                        select position, dial_c as dialC, read_c as readC from dial_reading where oven_id = ?
                        order by position
                        """),
                new FormRows.Children("moreClearancesMm", """
                        select position, clearance_mm as "" from oven_shelf where oven_id = ? order by position
                        """),
                new FormRows.Children("spots", """
                        select position, left_mm as leftMm, back_mm as backMm, off_c as warmerC from hot_spot
                        where oven_id = ? order by position
                        """));
        FormRows.documents(connection, "load", """
                select id, edition, '' as "", temp_c as tempC, hold_min as bakingMin, in_at as inAt, out_at as outAt,
                    oven_id as ovenId from oven_load
                """, new FormRows.Children("items", """
                        select position, run_id as batchId, piece_id as designId, stage, count from load_item
                        where load_id = ? order by position
                        """));
        FormRows.documents(
                connection,
                "constraints",
                "select id, edition, 'Pinned loads' as \"\" from wishes",
                new FormRows.Children(
                        "pins",
                        "select position, oven_id as ovenId, in_at as inAt from pin where ? = 1 order by position",
                        List.of(new FormRows.Children("items", """
                                select position, run_id as batchId, piece_id as designId, stage, count from pin_item
                                where pin = ? order by position
                                """))),
                new FormRows.Children("apart", """
                        select position, run_id as "one.batchId", piece_id as "one.designId", stage as "one.stage",
                            other_run_id as "other.batchId", other_piece_id as "other.designId",
                            other_stage as "other.stage" from apart where ? = 1 order by position
                        """));
        FormRows.documents(connection, "probe", "select oven_id, 1, 'Probe' as \"\", token from probe");
    }

    private static void studio(Connection connection) throws SQLException {
        FormRows.documents(connection, "settings", """
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

    private static void run(Connection connection, String... sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            for (String one : sql) {
                statement.execute(one);
            }
        }
    }
}
