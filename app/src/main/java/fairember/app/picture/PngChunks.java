package fairember.app.picture;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/**
 * The blocks of a PNG file: what a picture needs is kept, and all else (texts, profiles, times), of which a few bytes may unpack to
 * gigabytes, is left out before anything is unpacked.
 */
final class PngChunks {
    private static final int SIGNATURE = 8;
    /** Length, name and check sum. */
    private static final int AROUND = 12;

    private static final Set<String> NEEDED = Set.of("IHDR", "PLTE", "tRNS", "IDAT", "IEND");

    private PngChunks() {}

    /** The file with the blocks that are needed; one that breaks off is left as short as it is. */
    static byte[] plain(byte[] png) {
        ByteArrayOutputStream plain = new ByteArrayOutputStream(png.length);
        plain.write(png, 0, SIGNATURE);
        ByteBuffer bytes = ByteBuffer.wrap(png);
        int at = SIGNATURE;
        while (at <= png.length - AROUND) {
            long length = bytes.getInt(at) & 0xffff_ffffL;
            String name = new String(png, at + 4, 4, StandardCharsets.ISO_8859_1);
            int whole = (int) Math.min(png.length - at, length + AROUND);
            if (NEEDED.contains(name)) {
                plain.write(png, at, whole);
            }
            at += whole;
        }
        return plain.toByteArray();
    }
}
