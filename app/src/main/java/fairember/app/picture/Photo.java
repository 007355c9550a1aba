package fairember.app.picture;

import fairember.core.input.InvalidInputException;
import fairember.core.photo.Spot;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * A photo as it was sent: its points as they were taken, and how a camera says it is held upright. Checked before anything is
 * unpacked: a small file may hold a picture that fills the memory.
 *
 * @param points as they were taken, at most about {@value #ENOUGH} along the longer side
 * @param orientation 1 to 8, as cameras write it (Exif 2.3, tag 0x0112)
 */
public record Photo(BufferedImage points, int orientation) {
    private static final int MOST_BYTES = 16 * 1024 * 1024;
    private static final long MOST_POINTS = 80_000_000;
    private static final int LEAST_SIDE = 16;
    private static final int ENOUGH = 2000;

    /**
     * The photo of a request.
     *
     * @throws InvalidInputException on "photo" when it is none, too large or too small
     * @throws IOException when the request breaks off
     */
    public static Photo of(InputStream body) throws IOException {
        byte[] bytes = body.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
            throw refused("more than 16 MB", "a photo of up to 16 MB", "Send a smaller photo, or crop it.");
        }
        if (bytes.length == 0) {
            throw refused("nothing", "a photo, JPEG or PNG", "Choose a photo.");
        }
        PhotoKind kind = PhotoKind.of(bytes);
        byte[] plain = kind == PhotoKind.PNG ? PngChunks.plain(bytes) : bytes;
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(plain))) {
            ImageReader reader =
                    ImageIO.getImageReadersByFormatName(kind.format()).next();
            try {
                reader.setInput(stream, true, true);
                return new Photo(read(reader), kind.orientation(bytes));
            } finally {
                reader.dispose();
            }
        }
    }

    private static BufferedImage read(ImageReader reader) {
        try {
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if ((long) width * height > MOST_POINTS) {
                throw refused(
                        width + " × " + height + " points",
                        "up to 80 million points",
                        "Send a smaller photo; 2000 points across are enough.");
            }
            if (Math.min(width, height) < LEAST_SIDE) {
                throw refused(width + " × " + height + " points", "at least 16 × 16", "Send a larger photo.");
            }
            ImageReadParam param = reader.getDefaultReadParam();
            int every = Math.max(1, Math.max(width, height) / ENOUGH);
            param.setSourceSubsampling(every, every, 0, 0);
            List<String> warned = new ArrayList<>();
            reader.addIIOReadWarningListener((from, warning) -> warned.add(warning));
            BufferedImage picture = reader.read(0, param);
            if (warned.stream().anyMatch(Photo::brokenOff)) {
                throw refused(
                        "a photo that is cut off or damaged",
                        "a whole photo, JPEG or PNG",
                        "Copy the photo from the camera again, or take a new one.");
            }
            return picture;
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            throw notAPhoto();
        }
    }

    /** What the reader says of a picture of which some is missing; it fills that with grey. */
    private static boolean brokenOff(String warning) {
        return Stream.of("Premature", "Truncated", "Corrupt", "premature").anyMatch(warning::contains);
    }

    static InvalidInputException notAPhoto() {
        return refused(
                "a file that is not a photo, or a damaged one",
                "a photo, JPEG or PNG",
                "Choose a photo, or take a new one.");
    }

    static InvalidInputException refused(String found, String allowed, String fix) {
        return new InvalidInputException("photo", found, allowed, fix);
    }

    /** The picture as it is held upright. */
    BufferedImage upright() {
        boolean turned = orientation > 4;
        int wide = points.getWidth();
        int high = points.getHeight();
        BufferedImage upright =
                new BufferedImage(turned ? high : wide, turned ? wide : high, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = upright.createGraphics();
        drawn.setColor(Color.WHITE);
        drawn.fillRect(0, 0, upright.getWidth(), upright.getHeight());
        drawn.drawImage(points, turn(wide, high), null);
        drawn.dispose();
        return upright;
    }

    /** From the points as they were taken to the upright picture. */
    private AffineTransform turn(int wide, int high) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, wide, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, wide, high);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, high);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, high, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, high, wide);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, wide);
            default -> new AffineTransform();
        };
    }

    /** Where a place of the upright picture is among the points as they were taken. */
    public Spot taken(Spot upright) {
        double x = upright.across();
        double y = upright.down();
        return switch (orientation) {
            case 2 -> new Spot(1 - x, y);
            case 3 -> new Spot(1 - x, 1 - y);
            case 4 -> new Spot(x, 1 - y);
            case 5 -> new Spot(y, x);
            case 6 -> new Spot(y, 1 - x);
            case 7 -> new Spot(1 - y, 1 - x);
            case 8 -> new Spot(1 - y, x);
            default -> upright;
        };
    }
}
