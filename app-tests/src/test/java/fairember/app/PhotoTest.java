package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryType;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Photos of a tile beside a card, as cameras send them, and what is none. */
public class PhotoTest extends ServerTest {
    private static final String TAPS =
            "/api/tiles/photo?card=GREY&cardAcross=0.2&cardDown=0.3&tileAcross=0.8&tileDown=0.7";

    /** A grey card of 18 % on the upper left, a tile on the lower right; {@code turned} as a camera held on its side takes it. */
    private static BufferedImage picture(boolean turned) {
        BufferedImage upright = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = upright.createGraphics();
        pen.setColor(new Color(90, 80, 60));
        pen.fillRect(0, 0, 400, 300);
        pen.setColor(new Color(118, 118, 118));
        pen.fillRect(20, 20, 120, 140);
        pen.setColor(new Color(47, 127, 131));
        pen.fillRect(260, 150, 120, 120);
        pen.dispose();
        if (!turned) {
            return upright;
        }
        // Orientation 6: row 0 is the right side of what was seen.
        BufferedImage taken = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 400; x++) {
            for (int y = 0; y < 300; y++) {
                taken.setRGB(y, 399 - x, upright.getRGB(x, y));
            }
        }
        return taken;
    }

    private static byte[] written(BufferedImage picture, String format) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(picture, format, bytes);
        return bytes.toByteArray();
    }

    /** A JPEG with the orientation a camera writes: marker APP1, one entry, tag 0x0112. */
    private static byte[] oriented(byte[] jpeg, int orientation) {
        byte[] app1 = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] both = new byte[jpeg.length + app1.length];
        System.arraycopy(jpeg, 0, both, 0, 2);
        System.arraycopy(app1, 0, both, 2, app1.length);
        System.arraycopy(jpeg, 2, both, 2 + app1.length, jpeg.length - 2);
        return both;
    }

    private JsonNode read(byte[] photo) {
        Http.Answer answer = http().post(TAPS, photo);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    public void theTileIsReadUprightAndHeldOnItsSide() throws IOException {
        // 118 is 0.1812 of the light, the card 0.18: the tile comes out by 0.7 % darker, at most a step.
        assertThat(read(written(picture(false), "png")).path("hex").asString()).isIn("#2f7e82", "#2f7f83", "#2f7e83");
        JsonNode upright = read(written(picture(false), "jpg"));
        JsonNode turned = read(oriented(written(picture(true), "jpg"), 6));
        for (int c = 1; c < 7; c += 2) {
            assertThat(Integer.parseInt(turned.path("hex").asString().substring(c, c + 2), 16))
                    .isCloseTo(Integer.parseInt(upright.path("hex").asString().substring(c, c + 2), 16), offset(2));
        }
        assertThat(upright.path("cast").asDouble()).isBetween(1.0, 1.05);
    }

    /** A photo is kept upright, whichever way the camera was held; a line of the daybook has it, undone and redone. */
    @Test
    public void aPhotoIsKeptUprightWithALineOfTheDaybook() throws IOException {
        for (int orientation : new int[] {1, 6}) {
            byte[] photo = oriented(written(picture(orientation == 6), "jpg"), orientation);
            Http.Answer added = http().post("/api/pictures/photo", photo);
            assertThat(added.status()).as(added.text()).isEqualTo(201);
            byte[] kept =
                    http().bytes("/api/pictures/" + added.json().path("id").asLong());
            BufferedImage shown = ImageIO.read(new ByteArrayInputStream(kept));
            assertThat(List.of(shown.getWidth(), shown.getHeight())).containsExactly(400, 300);
            Color tile = new Color(shown.getRGB(320, 210));
            assertThat(tile.getRed()).isCloseTo(47, offset(9));
            assertThat(tile.getBlue()).isCloseTo(131, offset(9));
        }
        long id = http().post("/api/pictures/photo", written(picture(false), "png"))
                .json()
                .path("id")
                .asLong();
        Map<String, Object> lesson = new HashMap<>(
                Map.of("kind", "LESSON", "at", "2026-11-20T10:00:00Z", "words", "Seam seen", "pictureId", id));
        long line = http().post("/api/daybook", lesson).json().path("id").asLong();
        assertThat(line).isPositive();
        http().undo();
        http().redo();
        assertThat(http().get("/api/daybook").text()).contains("\"pictureId\":" + id);
        String csv = http().get("/api/daybook/lines.csv").text();
        assertThat(csv).contains(",Seam seen," + id);
        assertThat(http().send("POST", "/api/daybook/lines.csv", csv, "Content-Type", "text/csv;charset=UTF-8")
                        .status())
                .isEqualTo(200);
        http().undo();
        assertThat(http().send(
                                "POST",
                                "/api/daybook/lines.csv",
                                "at,kind,words,picture\n2026-11-10 09:00,lesson,x,9999\n",
                                "Content-Type",
                                "text/csv")
                        .text())
                .contains("lines[1].picture", "picture 9999");
        lesson.put("pictureId", 9999);
        assertThat(http().post("/api/daybook", lesson).text()).contains("pictureId", "Add the photo again");
        assertThat(http().get("/api/pictures/9999").status()).isEqualTo(404);
        assertThat(http().post("/api/pictures/photo", "not a photo".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
    }

    /** A JPEG of four colours, as print shops have them. */
    private static byte[] inPrintColours() throws IOException {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 64, 64, 4, null);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpg").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(inks, null, null), null);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    /** A PNG whose text and colour profile unpack to 200 MB each. */
    private static byte[] thatUnpacksToMuch() throws IOException {
        byte[] png = written(picture(false), "png");
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream zip = new DeflaterOutputStream(packed)) {
            byte[] zeros = new byte[1 << 20];
            for (int i = 0; i < 200; i++) {
                zip.write(zeros);
            }
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        int header = 8 + 25;
        all.write(png, 0, header);
        all.write(chunk("iCCP", "icc\0\0", packed.toByteArray()));
        all.write(chunk("zTXt", "Comment\0\0", packed.toByteArray()));
        all.write(png, header, png.length - header);
        return all.toByteArray();
    }

    private static byte[] chunk(String name, String key, byte[] packed) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.writeBytes((name + key).getBytes(StandardCharsets.ISO_8859_1));
        body.writeBytes(packed);
        CRC32 sum = new CRC32();
        sum.update(body.toByteArray());
        ByteBuffer chunk = ByteBuffer.allocate(body.size() + 8);
        return chunk.putInt(body.size() - 4)
                .put(body.toByteArray())
                .putInt((int) sum.getValue())
                .array();
    }

    @Test
    public void whatAPngHasBesideItsPictureIsNotUnpacked() throws IOException {
        long before = used();
        assertThat(read(thatUnpacksToMuch()).path("hex").asString()).isIn("#2f7e82", "#2f7f83", "#2f7e83");
        assertThat(used() - before).isLessThan(150L << 20);
    }

    /** The most that was in use of the heap since it was last asked. */
    private static long used() {
        return ManagementFactory.getMemoryPoolMXBeans().stream()
                .filter(pool -> pool.getType() == MemoryType.HEAP)
                .mapToLong(pool -> {
                    long peak = pool.getPeakUsage().getUsed();
                    pool.resetPeakUsage();
                    return peak;
                })
                .sum();
    }

    @Test
    public void aCardThatGivesBackHalfMakesTheTileLighter() throws IOException {
        byte[] png = written(picture(false), "png");
        String usual = read(png).path("hex").asString();
        JsonNode lighter = http().post(TAPS + "&cardPercent=36", png).json();
        for (int c = 1; c < 7; c += 2) {
            assertThat(Integer.parseInt(lighter.path("hex").asString().substring(c, c + 2), 16))
                    .isGreaterThan(Integer.parseInt(usual.substring(c, c + 2), 16));
        }
        JsonNode twice =
                http().post(TAPS + "&againAcross=0.3&againDown=0.5", png).json();
        assertThat(twice.path("hex").asString()).isEqualTo(usual);
        assertThat(twice.path("tiltPercent").asDouble()).isZero();
    }

    @DataProvider
    public Object[][] noPhotos() throws IOException {
        byte[] png = written(picture(false), "png");
        byte[] huge = png.clone();
        // The header of a PNG says how wide and high it is: 40 000 by 40 000 would fill the memory.
        huge[18] = (byte) (40_000 >> 8);
        huge[19] = (byte) 40_000;
        huge[22] = (byte) (40_000 >> 8);
        huge[23] = (byte) 40_000;
        byte[] jpeg = written(picture(false), "jpg");
        byte[] broken = Arrays.copyOf(png, png.length / 3);
        return new Object[][] {
            {"nothing", new byte[0], TAPS, "photo"},
            {"a text", "tile and card".getBytes(StandardCharsets.UTF_8), TAPS, "photo"},
            {"huge by its header", huge, TAPS, "photo"},
            {"too many bytes", new byte[17 * 1024 * 1024], TAPS, "photo"},
            {"tiny", written(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png"), TAPS, "photo"},
            {"broken off", broken, TAPS, "photo"},
            {"a JPEG that breaks off", Arrays.copyOf(jpeg, 2 * jpeg.length / 3), TAPS, "photo"},
            {"in the colours of print", inPrintColours(), TAPS, "photo"},
            {"of a newer phone", "\0\0\0\u0018ftypheic\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1), TAPS, "photo"},
            {"a card that gives back too much", png, TAPS + "&cardPercent=140", "cardPercent"},
            {"the brown below as the card", png, TAPS.replace("cardAcross=0.2", "cardAcross=0.5"), "onCard"},
            {"one place on the card twice", png, TAPS + "&againAcross=0.21&againDown=0.3", "againOnCard"},
            {
                "no card",
                png,
                TAPS.replace("cardAcross=0.2", "cardAcross=0.75").replace("cardDown=0.3", "cardDown=0.7"),
                null
            },
            {"an edge", png, TAPS.replace("cardAcross=0.2", "cardAcross=0.35"), "onCard"},
            {"outside", png, TAPS.replace("cardAcross=0.2", "cardAcross=1.4"), "onCard.across"},
        };
    }

    @Test(dataProvider = "noPhotos")
    public void whatIsNoPhotoOfATileBesideACardIsRefused(String what, byte[] body, String url, String field) {
        Http.Answer answer = http().post(url, body);
        if (field == null) {
            // The tile tapped as the card: its teal is too strong for one.
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.text()).contains("coloured");
            return;
        }
        assertThat(answer.status()).as(what + answer.text()).isEqualTo(422);
        JsonNode error = answer.json().path("errors").get(0);
        assertThat(error.path("field").asString()).as(what).isEqualTo(field);
        assertThat(error.path("fix").asString()).isNotEmpty();
    }
}
