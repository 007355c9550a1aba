package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Outlines, gauges, templates, scaling, versions, cutting and the sums of what a design is built on, over HTTP. */
public class GeometryTest extends ServerTest {
    private static final String SQUARE =
            "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm' viewBox='0 0 20 20'>%s</svg>";

    private JsonNode ok(Http.Answer answer) {
        assertThat(answer.status()).as(answer.text()).isBetween(200, 201);
        return answer.json();
    }

    private static String quoted(String text) {
        return "{\"svg\":\"" + text.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n") + "\"}";
    }

    @Test
    public void anOutlineIsReadAndWhatIsNoPlainOutlineIsRefused() {
        JsonNode read = ok(http().post("/api/outlines", quoted(SQUARE.formatted("<rect width='12' height='8'/>"))));
        assertThat(read.path("areaMm2").asDouble()).isCloseTo(96, offset(1e-9));
        assertThat(read.path("rings").get(0).size()).isEqualTo(8);
        for (String bad : List.of(
                SQUARE.formatted("<script>fetch('http://example.invalid')</script>"),
                SQUARE.formatted("<path d='M0 0L9 9L9 0L0 9Z'/>"),
                "<!DOCTYPE svg [<!ENTITY e SYSTEM 'file:///etc/hostname'>]><svg>&e;</svg>",
                "x".repeat(2_100_000))) {
            Http.Answer refused = http().post("/api/outlines", quoted(bad));
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.json().path("errors").get(0).path("fix").asString())
                    .isNotBlank();
        }
    }

    /** What a page of a PDF draws, in mm: widths of its closed curves and rectangles. */
    private static final class Ruler extends PDFGraphicsStreamEngine {
        private static final double MM = 25.4 / 72;
        final List<Double> circles = new ArrayList<>();
        final List<Double> bars = new ArrayList<>();
        private double left;
        private double right;
        private boolean round;

        Ruler(PDPage page) throws IOException {
            super(page);
            processPage(page);
        }

        private void at(double x) {
            left = Math.min(left, x * MM);
            right = Math.max(right, x * MM);
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
            bars.add(a.distance(b) * MM);
        }

        @Override
        public void moveTo(float x, float y) {
            left = Double.POSITIVE_INFINITY;
            right = Double.NEGATIVE_INFINITY;
            round = false;
            at(x);
        }

        @Override
        public void lineTo(float x, float y) {
            at(x);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            round = true;
            at(x3);
        }

        @Override
        public void strokePath() {
            if (round) {
                circles.add(right - left);
            }
            round = false;
        }

        @Override
        public Point2D getCurrentPoint() {
            return new Point2D.Double();
        }

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    /** The printed page is measured, not what was meant to be printed. */
    @Test
    public void theGaugeMeasuresTrueAsPdfAndAsSvg() throws IOException {
        JsonNode design = ok(http().get("/api/designs/1"));
        List<Double> balls = new ArrayList<>();
        design.path("measured")
                .path("parts")
                .forEach(p -> balls.add(p.path("ballMm").asDouble()));
        List<Double> circles = new ArrayList<>();
        double bars = 0;
        try (PDDocument pdf = Loader.loadPDF(http().bytes("/api/designs/1/gauge.pdf"))) {
            assertThat(pdf.getDocumentCatalog().getViewerPreferences().getPrintScaling())
                    .isEqualTo("None");
            for (PDPage page : pdf.getPages()) {
                assertThat(page.getMediaBox().getWidth() * Ruler.MM).isCloseTo(210, offset(0.01));
                Ruler ruler = new Ruler(page);
                circles.addAll(ruler.circles);
                assertThat(ruler.bars.get(0)).isCloseTo(100, offset(0.01));
                bars += ruler.bars.stream().skip(1).mapToDouble(b -> b).sum();
            }
        }
        assertThat(circles).hasSameSizeAs(balls);
        for (int i = 0; i < balls.size(); i++) {
            assertThat(circles.get(i)).isCloseTo(balls.get(i), offset(0.02));
        }
        double cords = 0;
        for (JsonNode part : design.path("measured").path("parts")) {
            cords += part.path("cordMm").asDouble();
        }
        assertThat(bars).isCloseTo(cords, offset(0.1));
        String svg = http().get("/api/designs/1/gauge.svg").text();
        assertThat(svg).contains("width=\"210.000mm\"").contains("width=\"100.000\"");
        assertThat(ok(http().get("/api/designs/7"))
                        .path("measured")
                        .path("wires")
                        .size())
                .isEqualTo(2);
        assertThat(http().get("/api/designs/7/bends.svg").text()).contains("<polyline");
        assertThat(http().get("/api/designs/2/bends.pdf").status()).isEqualTo(422);
        assertThat(http().get("/api/designs/99/gauge.pdf").status()).isEqualTo(404);
    }

    @DataProvider
    public Object[][] kinds() {
        return new Object[][] {{"ORNAMENT"}, {"CHARM"}, {"EARRINGS"}, {"TOPPER"}, {"FIGURINE"}, {"SET_PIECE"}};
    }

    /** A template is kept, read back whole, scaled to twice its height and measured. */
    @Test(dataProvider = "kinds")
    public void aTemplateCanBeKeptAndScaled(String kind) {
        String template =
                ok(http().get("/api/designs/templates/" + kind + "?mixId=1")).toString();
        long id = ok(http().post("/api/designs", template)).path("id").asLong();
        JsonNode kept = ok(http().get("/api/designs/" + id));
        assertThat(kept.path("design").toString()).isEqualTo(template);
        double high = kept.path("measured").path("box").path("heightMm").asDouble();
        JsonNode scaled =
                ok(http().post("/api/designs/scale", "{\"design\":%s,\"heightMm\":%s}".formatted(template, 2 * high)));
        assertThat(scaled.path("factor").asDouble()).isCloseTo(2, offset(1e-6));
        JsonNode measured =
                ok(http().post("/api/designs/measure", scaled.path("design").toString()));
        assertThat(measured.path("box").path("heightMm").asDouble()).isCloseTo(2 * high, offset(0.1));
        for (String bad : List.of("\"factor\":0", "\"factor\":-2", "\"heightMm\":1e9", "\"factor\":2,\"part\":99")) {
            Http.Answer refused = http().post("/api/designs/scale", "{\"design\":%s,%s}".formatted(template, bad));
            assertThat(refused.status()).as(bad).isEqualTo(422);
        }
        http().remove("/api/designs/" + id);
    }

    /** A batch that is finished keeps the design as it was, with all its sums; a planned one follows the change. */
    @Test
    public void aFinishedBatchKeepsTheDesignItMade() {
        String made = ok(http().get("/api/designs/templates/ORNAMENT?mixId=1")).toString();
        long id = ok(http().post("/api/designs", made)).path("id").asLong();
        JsonNode edition = ok(http().get("/api/designs/" + id)).path("edition");
        String batch = """
                {"name":"%s","state":"%s","beginsOn":"2026-11-01","dueOn":"2026-11-20","lines":[{"designId":%d,"quantity":4}]}
                """;
        long finished = ok(http().post("/api/batches", batch.formatted("Old", "FINISHED", id)))
                .path("id")
                .asLong();
        long planned = ok(http().post("/api/batches", batch.formatted("New", "PLANNED", id)))
                .path("id")
                .asLong();
        double foil = foilOf(finished);
        assertThat(foilOf(planned)).isCloseTo(foil, offset(1e-9));
        String changed = made.replace("\"shellMm\":5.0", "\"shellMm\":7.0");
        assertThat(changed).isNotEqualTo(made);
        ok(http().change("/api/designs/" + id, changed));
        assertThat(foilOf(finished)).isCloseTo(foil, offset(1e-9));
        assertThat(foilOf(planned)).isLessThan(foil - 1);
        JsonNode versions = ok(http().get("/api/designs/" + id + "/versions"));
        assertThat(versions.size()).isEqualTo(1);
        assertThat(versions.get(0).path("edition")).isEqualTo(edition);
        assertThat(versions.get(0).path("batches").toString()).isEqualTo("[\"Old\"]");
        JsonNode old = ok(http().get("/api/designs/" + id + "/versions/" + edition.asInt()));
        assertThat(old.path("design").toString()).isEqualTo(made);
        assertThat(http().get("/api/designs/" + id + "/versions/77").status()).isEqualTo(404);
        // Back among the planned it follows the design again.
        ok(http().change("/api/batches/" + finished, batch.formatted("Old", "PLANNED", id)));
        assertThat(foilOf(finished)).isCloseTo(foilOf(planned), offset(1e-9));
        http().remove("/api/batches/" + finished);
        http().remove("/api/batches/" + planned);
        http().remove("/api/designs/" + id);
    }

    private double foilOf(long batch) {
        return ok(http().get("/api/batches/" + batch))
                .path("plan")
                .path("needs")
                .path("foilG")
                .asDouble();
    }

    @Test
    public void aBatchIsCutFromBlocksLumpsAndCoils() {
        JsonNode cutting = ok(http().get("/api/batches/4/cutting"));
        JsonNode steel = cutting.path("wires").get(0);
        assertThat(steel.path("metal").asString()).isEqualTo("steel");
        // 12 leg wires of 47 mm from coils of half a metre: ten from one, two from another.
        assertThat(steel.path("plan").path("opened").size()).isEqualTo(2);
        assertThat(steel.path("plan").path("missing").asDouble()).isZero();
        for (JsonNode mix : cutting.path("mixes")) {
            assertThat(mix.path("plan").path("missing").asDouble())
                    .as(mix.toString())
                    .isZero();
        }
    }

    @Test
    public void theSumsOfSleevesWiresFoilAndCutsStandAlone() {
        JsonNode sleeve = ok(http().post("/api/sums/sleeve", """
                {"thickMm":7,"coveredMm":40,"turns":10,"sheetMm":2.5,"seamMm":1,"foilUm":16,"foilWidthMm":300}
                """));
        assertThat(sleeve.path("outerMm").asDouble()).isCloseTo(7.32, offset(1e-9));
        assertThat(sleeve.path("sheetMm").asDouble()).isCloseTo(Math.PI * 9.82 + 1, offset(1e-9));
        JsonNode foil = ok(http().post("/api/sums/foil", """
                {"shape":{"kind":"BALL","dimensions":{"diameterMm":24.58}},"massG":3.888}
                """));
        assertThat(foil.path("densityGPerCm3").asDouble()).isCloseTo(0.5, offset(1e-3));
        assertThat(foil.path("packing").asString()).isEqualTo("FIRM");
        JsonNode wire = ok(http().post("/api/sums/wire", """
                {"name":"Hook","gaugeMm":1.024,"metal":"BRASS","count":1,"legs":[{"lengthMm":30,"turnDeg":90},{"lengthMm":12,"turnDeg":0}]}
                """));
        assertThat(wire.path("cutMm").asDouble()).isEqualTo(42);
        assertThat(wire.path("gaugeNumber").asInt()).isEqualTo(18);
        JsonNode cut = ok(http().post("/api/sums/cut", """
                {"sticks":[{"name":"a","size":57}],"wants":[{"name":"x","size":19,"count":3}]}
                """));
        assertThat(cut.path("cuts").asInt()).isEqualTo(2);
        JsonNode portion = ok(http().post("/api/sums/portion", """
                {"volumeMm3":1000,"densityGPerCm3":1.75,"cordMm":10,"blocksG":[57]}
                """));
        assertThat(portion.path("cordMm").asDouble()).isCloseTo(4000 / (Math.PI * 100), offset(1e-6));
        assertThat(portion.path("share").path("pieces").asInt()).isEqualTo(32);
        String heron = ok(http().get("/api/designs/7")).path("design").toString();
        JsonNode balance = ok(http().post("/api/sums/balance", heron));
        assertThat(balance.path("standing").path("tipDeg").asDouble()).isGreaterThan(20);
    }

    /** Sum, body, the field that is named. */
    @DataProvider
    public Object[][] bad() {
        return new Object[][] {
            {
                "sleeve",
                "{\"thickMm\":0,\"coveredMm\":40,\"turns\":99,\"sheetMm\":2,\"seamMm\":1,\"foilUm\":16,\"foilWidthMm\":300}",
                "thickMm"
            },
            {"foil", "{\"shape\":{\"kind\":\"BALL\",\"dimensions\":{\"diameterMm\":25}},\"massG\":90}", "massG"},
            {"wire", "{\"name\":\"W\",\"gaugeMm\":-1,\"metal\":\"STEEL\",\"count\":1,\"legs\":[]}", "gaugeMm"},
            {"cut", "{\"sticks\":[{\"name\":\"a\",\"size\":0}],\"wants\":[]}", "sticks[0].size"},
            {"cut", "{\"sticks\":[],\"wants\":[{\"name\":\"x\",\"size\":1,\"count\":99999}]}", "wants[0].count"},
            {"shape", "{\"kind\":\"CUT_OUT\",\"dimensions\":{\"thicknessMm\":3}}", "outline"},
            {
                "shape",
                "{\"kind\":\"CUT_OUT\",\"dimensions\":{\"thicknessMm\":3},\"outline\":[[0,0,9,9,9,0,0,9]]}",
                "outline"
            },
            {"shape", "{\"kind\":\"RING\",\"dimensions\":{\"outerMm\":10,\"tubeMm\":9}}", "dimensions.tubeMm"},
        };
    }

    @Test(dataProvider = "bad")
    public void whatCannotBeIsRefusedAtItsField(String sum, String body, String field) {
        Http.Answer refused = http().post("/api/sums/" + sum, body);
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.json().path("errors").get(0).path("field").asString())
                .isEqualTo(field);
    }
}
