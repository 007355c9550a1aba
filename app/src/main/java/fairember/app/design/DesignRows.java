package fairember.app.design;

import static fairember.app.web.Given.or;

import fairember.app.database.Database;
import fairember.core.bake.StageKind;
import fairember.core.design.Arrangement;
import fairember.core.design.Station;
import fairember.core.foilcore.Packing;
import fairember.core.shape.Facing;
import fairember.core.shape.Floor;
import fairember.core.shape.ShapeKind;
import fairember.core.wire.Metal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The rows that hang on a design: parts, stages, steps, fittings, checks, inserts, wires. */
@Component
class DesignRows {
    private static final TypeReference<List<List<Double>>> OUTLINE = new TypeReference<>() {};
    private static final TypeReference<List<WireForm.LegForm>> LEGS = new TypeReference<>() {};
    private static final TypeReference<LinkedHashMap<String, Double>> DIMENSIONS = new TypeReference<>() {};

    private final Database database;
    private final JsonMapper mapper;

    DesignRows(Database database, JsonMapper mapper) {
        this.database = database;
        this.mapper = mapper;
    }

    List<PartForm> parts(long designId) {
        return database.list("select * from part where piece_id = ? order by position", this::part, designId);
    }

    private PartForm part(ResultSet row) throws SQLException {
        Map<String, Double> dimensions = mapper.readValue(row.getString("dimensions"), DIMENSIONS);
        return new PartForm(
                row.getString("name"),
                new ShapeForm(ShapeKind.valueOf(row.getString("shape")), dimensions, outline(row)),
                row.getInt("count"),
                row.getLong("mix_id"),
                row.getInt("stage"),
                row.getInt("spares"),
                around(row),
                core(row),
                new PartForm.PlacementForm(
                        row.getDouble("across_mm"),
                        row.getDouble("up_mm"),
                        row.getDouble("front_mm"),
                        row.getDouble("tilt_deg"),
                        Arrangement.valueOf(row.getString("arrangement")),
                        Facing.valueOf(row.getString("facing"))));
    }

    private @Nullable List<List<Double>> outline(ResultSet row) throws SQLException {
        String given = row.getString("outline");
        return given == null ? null : mapper.readValue(given, OUTLINE);
    }

    private static @Nullable Integer around(ResultSet row) throws SQLException {
        int around = row.getInt("around");
        return row.wasNull() ? null : around;
    }

    private static PartForm.@Nullable CoreForm core(ResultSet row) throws SQLException {
        String packing = row.getString("core_packing");
        if (packing == null) {
            return null;
        }
        String floor = row.getString("core_floor");
        int lobes = row.getInt("core_lobes");
        return new PartForm.CoreForm(
                row.getDouble("core_shell_mm"),
                Packing.valueOf(packing),
                floor == null ? Floor.COVERED : Floor.valueOf(floor),
                lobes == 0 ? 1 : lobes);
    }

    List<DesignForm.StageForm> stages(long designId) {
        return database.list(
                "select name, kind, loose, cooling_min, quench from stage where piece_id = ? order by position",
                row -> new DesignForm.StageForm(
                        row.getString(1),
                        StageKind.valueOf(row.getString(2)),
                        row.getInt(3) == 1,
                        row.getDouble(4),
                        row.getBoolean(5)),
                designId);
    }

    List<DesignForm.StepForm> steps(long designId) {
        return database.list(
                "select name, station, setup_min, each_min, stage from step where piece_id = ? order by position",
                row -> new DesignForm.StepForm(
                        row.getString(1),
                        Station.valueOf(row.getString(2)),
                        row.getDouble(3),
                        row.getDouble(4),
                        row.getInt(5)),
                designId);
    }

    List<DesignForm.FittingForm> fittings(long designId) {
        return database.list(
                "select bought_part_id, count from fitting where piece_id = ? order by position",
                row -> new DesignForm.FittingForm(row.getLong(1), row.getInt(2)),
                designId);
    }

    List<String> checks(long designId) {
        return database.list(
                "select words from gate_line where piece_id = ? order by position", row -> row.getString(1), designId);
    }

    List<InsertForm> inserts(long designId) {
        return database.list(
                "select * from piece_insert where piece_id = ? order by position", DesignRows::insert, designId);
    }

    private static InsertForm insert(ResultSet row) throws SQLException {
        double ceiling = row.getDouble("ceiling_c");
        @Nullable Double given = row.wasNull() ? null : ceiling;
        return new InsertForm(
                row.getString("name"),
                row.getDouble("thick_mm"),
                row.getDouble("length_mm"),
                row.getDouble("covered_mm"),
                row.getDouble("mass_g"),
                row.getInt("stays") == 1,
                given,
                row.getString("contents"),
                row.getInt("turns"),
                row.getDouble("sheet_mm"),
                row.getDouble("seam_mm"),
                row.getDouble("across_mm"),
                row.getDouble("up_mm"));
    }

    List<WireForm> wires(long designId) {
        return database.list(
                "select name, gauge_mm, metal, count, legs from wire where piece_id = ? order by position",
                row -> new WireForm(
                        row.getString(1),
                        row.getDouble(2),
                        Metal.valueOf(row.getString(3)),
                        row.getInt(4),
                        mapper.readValue(row.getString(5), LEGS)),
                designId);
    }

    /** Writes all of them again. */
    void replace(long id, DesignForm form) {
        for (String table : List.of("part", "stage", "step", "fitting", "gate_line", "piece_insert", "wire")) {
            database.write("delete from " + table + " where piece_id = ?", id);
        }
        for (int i = 0; i < form.parts().size(); i++) {
            add(id, i, form.parts().get(i));
        }
        for (int i = 0; i < form.stages().size(); i++) {
            DesignForm.StageForm s = form.stages().get(i);
            database.write(
                    "insert into stage values (?, ?, ?, ?, ?, ?, ?)",
                    id,
                    i,
                    s.name().strip(),
                    s.kind(),
                    s.loose(),
                    s.coolingMin(),
                    or(s.quench(), false));
        }
        for (int i = 0; i < form.steps().size(); i++) {
            DesignForm.StepForm s = form.steps().get(i);
            database.write(
                    "insert into step values (?, ?, ?, ?, ?, ?, ?)",
                    id,
                    i,
                    s.name().strip(),
                    s.station(),
                    s.setupMin(),
                    s.eachMin(),
                    s.stage());
        }
        for (int i = 0; i < form.fittings().size(); i++) {
            DesignForm.FittingForm f = form.fittings().get(i);
            database.write("insert into fitting values (?, ?, ?, ?)", id, i, f.findingId(), f.count());
        }
        for (int i = 0; i < form.checks().size(); i++) {
            database.write(
                    "insert into gate_line values (?, ?, ?)",
                    id,
                    i,
                    form.checks().get(i).strip());
        }
        List<InsertForm> inserts = or(form.inserts(), List.of());
        for (int i = 0; i < inserts.size(); i++) {
            add(id, i, inserts.get(i));
        }
        List<WireForm> wires = or(form.wires(), List.of());
        for (int i = 0; i < wires.size(); i++) {
            WireForm w = wires.get(i);
            database.write(
                    "insert into wire values (?, ?, ?, ?, ?, ?, ?)",
                    id,
                    i,
                    w.name().strip(),
                    w.gaugeMm(),
                    w.metal(),
                    w.count(),
                    mapper.writeValueAsString(w.legs()));
        }
    }

    private void add(long id, int position, InsertForm i) {
        database.write(
                "insert into piece_insert values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                id,
                position,
                i.name().strip(),
                i.thickMm(),
                i.lengthMm(),
                i.coveredMm(),
                i.massG(),
                i.stays(),
                i.ceilingC(),
                or(i.contents(), "").strip(),
                i.turns(),
                i.sheetMm(),
                i.seamMm(),
                i.acrossMm(),
                i.upMm());
    }

    private void add(long id, int position, PartForm part) {
        PartForm.CoreForm core = part.core();
        PartForm.PlacementForm at = part.placement();
        database.write(
                """
                insert into part (piece_id, position, name, shape, dimensions, count, mix_id, stage, core_shell_mm, core_packing,
                    across_mm, up_mm, front_mm, tilt_deg, arrangement, spares, around, core_floor, core_lobes, facing, outline)
                values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                """,
                id,
                position,
                part.name().strip(),
                part.shape().kind(),
                mapper.writeValueAsString(part.shape().dimensions()),
                part.count(),
                part.mixId(),
                part.stage(),
                core == null ? null : core.shellMm(),
                core == null ? null : core.packing(),
                at.acrossMm(),
                at.upMm(),
                at.frontMm(),
                at.tiltDeg(),
                at.arrangement(),
                or(part.spares(), 0),
                part.around(),
                core == null ? null : or(core.floor(), Floor.COVERED),
                core == null ? null : or(core.lobes(), 1),
                or(at.facing(), Facing.UP),
                part.shape().outline() == null
                        ? null
                        : mapper.writeValueAsString(part.shape().outline()));
    }
}
