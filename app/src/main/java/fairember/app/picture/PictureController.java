package fairember.app.picture;

import fairember.app.journal.MissingException;
import jakarta.servlet.http.HttpServletRequest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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
