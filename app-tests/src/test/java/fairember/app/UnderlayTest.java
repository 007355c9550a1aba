package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A picture behind a view of a design, over HTTP: kept, squared up, printed with it, refused where it cannot be. */
public class UnderlayTest extends ServerTest {
    private static final List<Map<String, Double>> CORNERS =
            List.of(spot(0.1, 0.1), spot(0.8, 0.2), spot(0.9, 0.9), spot(0.1, 0.8));

    private static Map<String, Double> spot(double across, double down) {
        return Map.of("across", across, "down", down);
    }

    private static byte[] sketch() throws IOException {
        BufferedImage picture = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        picture.createGraphics().setColor(Color.WHITE);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }

    private ObjectNode underlay(ArrayNode all, long picture, String side) {
        return all.addObject()
                .put("pictureId", picture)
                .put("side", side)
                .put("widthMm", 60)
                .put("heightMm", 80)
                .put("acrossMm", 0)
                .put("upMm", -2);
    }

    @Test
    public void aSketchIsSquaredKeptBehindAViewAndPrinted() throws IOException {
        long taken =
                http().post("/api/pictures/photo", sketch()).json().path("id").asLong();
        JsonNode squared = http().post(
                        "/api/pictures/" + taken + "/squared", Map.of("corners", CORNERS, "wideMm", 210, "highMm", 297))
                .json();
        assertThat(squared.path("widePx").asDouble() / squared.path("highPx").asDouble())
                .isBetween(0.70, 0.715);
        JsonNode saved = http().get("/api/designs/1").json();
        ObjectNode design = (ObjectNode) saved.path("design");
        ArrayNode underlays = design.putArray("underlays");
        underlay(underlays, squared.path("id").asLong(), "FRONT");
        String path = "/api/designs/1?edition=" + saved.path("edition").asInt();
        assertThat(http().put(path, design).status()).isEqualTo(200);
        assertThat(http().get("/api/designs/1/true-size/FRONT.svg").text())
                .contains("data:image/jpeg;base64,", "true size");
        assertThat(http().get("/api/designs/1/true-size/SIDE.svg").text()).doesNotContain("data:image");
        assertThat(http().get("/api/designs/1/true-size/FRONT.pdf").status()).isEqualTo(200);
        JsonNode larger = http().post("/api/designs/scale", Map.of("design", design, "factor", 2))
                .json();
        assertThat(larger.path("design")
                        .path("underlays")
                        .get(0)
                        .path("widthMm")
                        .asDouble())
                .isEqualTo(120);
        http().undo();
        assertThat(http().get("/api/designs/1").json().path("design").path("underlays"))
                .isEmpty();
    }

    @Test
    public void whatCannotBeBehindAViewIsRefused() throws IOException {
        long taken =
                http().post("/api/pictures/photo", sketch()).json().path("id").asLong();
        List<Map<String, Double>> inALine = List.of(spot(0.1, 0.1), spot(0.5, 0.1), spot(0.9, 0.1), spot(0.1, 0.9));
        assertThat(http().post("/api/pictures/" + taken + "/squared", Map.of("corners", inALine))
                        .text())
                .contains("corners in a line");
        assertThat(http().post("/api/pictures/999999/squared", Map.of("corners", CORNERS))
                        .status())
                .isEqualTo(404);
        JsonNode saved = http().get("/api/designs/1").json();
        ObjectNode design = (ObjectNode) saved.path("design");
        String path = "/api/designs/1?edition=" + saved.path("edition").asInt();
        underlay(design.putArray("underlays"), 999_999, "FRONT");
        assertThat(http().put(path, design).text()).contains("underlays[0].pictureId");
        ArrayNode twice = design.putArray("underlays");
        underlay(twice, taken, "FRONT");
        underlay(twice, taken, "FRONT");
        assertThat(http().put(path, design).text()).contains("one behind the front and one behind the side");
    }

    private static byte[] cutter() throws IOException {
        BufferedImage picture = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = picture.createGraphics();
        drawn.setColor(Color.LIGHT_GRAY);
        drawn.fillRect(0, 0, 400, 400);
        drawn.setColor(Color.BLACK);
        drawn.fillRect(100, 120, 200, 100);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", bytes);
        return bytes.toByteArray();
    }

    /** 200 by 100 points where 320 are 80 mm: 50 by 25 mm. */
    @Test
    public void aCutterIsTracedAndKept() throws IOException {
        long picture =
                http().post("/api/pictures/photo", cutter()).json().path("id").asLong();
        ObjectNode form = (ObjectNode) Http.JSON.valueToTree(Map.of(
                "pictureId",
                picture,
                "middle",
                spot(0.5, 0.4),
                "from",
                spot(0.1, 0.9),
                "to",
                spot(0.9, 0.9),
                "knownMm",
                80,
                "edge",
                "INSIDE"));
        JsonNode traced = http().post("/api/outlines/traced", form).json();
        assertThat(traced.path("outline").path("widthMm").asDouble()).isBetween(49.6, 50.4);
        assertThat(traced.path("outline").path("heightMm").asDouble()).isBetween(24.6, 25.4);
        assertThat(traced.path("dotMm").asDouble()).isEqualTo(0.25);
        assertThat(http().post("/api/outlines/traced", form.deepCopy().put("knownMm", 0))
                        .text())
                .contains("knownMm");
        assertThat(http().post("/api/outlines/traced", form.deepCopy().put("pictureId", 999_999))
                        .status())
                .isEqualTo(404);
        JsonNode rings = traced.path("outline").path("rings");
        long id = http().post("/api/cutters", Map.of("name", "Tag", "outline", rings))
                .json()
                .path("id")
                .asLong();
        JsonNode all = http().get("/api/cutters").json();
        JsonNode kept = StreamSupport.stream(all.spliterator(), false)
                .filter(one -> one.path("id").asLong() == id)
                .findFirst()
                .orElseThrow();
        assertThat(kept.path("cutter").path("outline")).isEqualTo(rings);
        String path = "/api/cutters/" + id + "?edition=" + kept.path("edition").asInt();
        assertThat(http().put(path, Map.of("name", "Wide tag", "outline", rings))
                        .status())
                .isEqualTo(200);
        assertThat(http().put(path, Map.of("name", "Late tag", "outline", rings))
                        .status())
                .isEqualTo(409);
        assertThat(http().get("/api/cutters").text()).contains("Wide tag").doesNotContain("Late tag");
        http().undo();
        List<List<Double>> crossed = List.of(List.of(0.0, 0.0, 9.0, 9.0, 9.0, 0.0, 0.0, 9.0));
        assertThat(http().post("/api/cutters", Map.of("name", "Bow", "outline", crossed))
                        .text())
                .contains("crosses or touches itself");
        http().undo();
        assertThat(http().get("/api/cutters").json()).hasSize(all.size() - 1);
    }
}
