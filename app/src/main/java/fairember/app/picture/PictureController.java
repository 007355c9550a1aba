package fairember.app.picture;

import fairember.app.journal.MissingException;
import fairember.core.input.Span;
import fairember.core.photo.Spot;
import fairember.core.photo.Squaring;
import fairember.core.quantity.Length;
import jakarta.servlet.http.HttpServletRequest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photos that are kept with what they show. */
@RestController
@RequestMapping("/api/pictures")
class PictureController {
    private final PictureStore store;

    PictureController(PictureStore store) {
        this.store = store;
    }

    /** A picture that was added, upright and no larger than a page shows. */
    record AddedPictureView(long id, int widePx, int highPx) {}

    /** The photo is the body; what a camera wrote into it besides the picture is not kept. */
    @PostMapping("/photo")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    AddedPictureView add(HttpServletRequest request) throws IOException {
        BufferedImage upright = Photo.of(request.getInputStream()).upright();
        long id = store.add(jpeg(upright), upright.getWidth(), upright.getHeight());
        return new AddedPictureView(id, upright.getWidth(), upright.getHeight());
    }

    /**
     * Four corners of a sheet in a picture that was taken at an angle: top left, top right, bottom right, bottom left.
     *
     * @param wide of the sheet, when that is known
     * @param high of the sheet, when that is known
     */
    record SquareForm(
            List<Spot> corners,
            @Nullable Length wide,
            @Nullable Length high) {
        static final Span WIDE = Span.of("wideMm", "width of the sheet", 5, 2000, "mm");
        static final Span HIGH = Span.of("highMm", "height of the sheet", 5, 2000, "mm");
    }

    /** Keeps what lies between four corners of a picture, squared up, as another picture. */
    @PostMapping("/{id}/squared")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    AddedPictureView square(@PathVariable long id, @RequestBody SquareForm form) throws IOException {
        BufferedImage taken = ImageIO.read(new ByteArrayInputStream(picture(id)));
        Length wide = form.wide();
        Length high = form.high();
        double ratio = wide == null || high == null ? 0 : wide.mm() / high.mm();
        BufferedImage squared = Squaring.square(taken, form.corners(), ratio);
        return new AddedPictureView(
                store.add(jpeg(squared), squared.getWidth(), squared.getHeight()),
                squared.getWidth(),
                squared.getHeight());
    }

    private static byte[] jpeg(BufferedImage picture) {
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "jpeg", jpeg);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return jpeg.toByteArray();
    }

    @GetMapping(path = "/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(@PathVariable long id) {
        return store.find(id).orElseThrow(() -> new MissingException("picture", id));
    }
}
