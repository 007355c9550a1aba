package fairember.app.picture;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.jpeg.JpegDirectory;
import com.drew.metadata.jpeg.JpegReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

/** What a file is by its first bytes, and what it says of itself; nothing is unpacked for that. */
enum PhotoKind {
    JPEG("jpeg"),
    PNG("png");

    private static final Set<String> PHONE =
            Set.of("heic", "heix", "hevc", "hevx", "heim", "heis", "mif1", "msf1", "avif");
    private static final int PRINT_COLOURS = 4;

    private final String format;

    PhotoKind(String format) {
        this.format = format;
    }

    String format() {
        return format;
    }

    /**
     * The kind of a file.
     *
     * @throws InvalidInputException on "photo" when it is none that can be read, with what to do
     */
    static PhotoKind of(byte[] bytes) {
        if (begins(bytes, 0xff, 0xd8, 0xff)) {
            return jpeg(bytes);
        }
        if (begins(bytes, 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a)) {
            return PNG;
        }
        if (bytes.length > 12 && PHONE.contains(new String(bytes, 8, 4, StandardCharsets.ISO_8859_1))) {
            throw Photo.refused(
                    "a HEIC photo, as newer phones save them",
                    "a photo, JPEG or PNG",
                    "Set the phone's camera to save JPEG, or share the photo as JPEG.");
        }
        throw Photo.notAPhoto();
    }

    private static PhotoKind jpeg(byte[] bytes) {
        JpegDirectory picture = given(bytes).getFirstDirectoryOfType(JpegDirectory.class);
        Integer colours = picture == null ? null : picture.getInteger(JpegDirectory.TAG_NUMBER_OF_COMPONENTS);
        if (colours != null && colours == PRINT_COLOURS) {
            throw Photo.refused(
                    "a photo in the four colours of print",
                    "a photo in red, green and blue",
                    "Save the photo as an ordinary JPEG, in sRGB.");
        }
        return JPEG;
    }

    /** How a camera says it is held, 1 to 8. */
    int orientation(byte[] bytes) {
        if (this == PNG) {
            return 1;
        }
        ExifIFD0Directory camera = given(bytes).getFirstDirectoryOfType(ExifIFD0Directory.class);
        try {
            return camera != null && camera.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? camera.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (MetadataException unknown) {
            return 1;
        }
    }

    /** What the camera and the picture's header say, and nothing else: other blocks may be packed. */
    private static Metadata given(byte[] bytes) {
        try {
            return JpegMetadataReader.readMetadata(
                    new ByteArrayInputStream(bytes), List.of(new ExifReader(), new JpegReader()));
        } catch (JpegProcessingException | IOException unknown) {
            return new Metadata();
        }
    }

    private static boolean begins(byte[] bytes, int... with) {
        if (bytes.length < with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if ((bytes[i] & 0xff) != with[i]) {
                return false;
            }
        }
        return true;
    }
}
