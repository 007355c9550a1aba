package fairember.app.tile;

import fairember.core.measure.Gathering;
import fairember.core.photo.Card;
import fairember.core.photo.ReadTile;
import fairember.core.photo.Spot;
import fairember.core.photo.TileReading;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads the colour of a tile off a photo of it beside a grey or white card; the photo is not kept. */
@RestController
class PhotoController {
    /**
     * The colour that was read.
     *
     * @param hex under neutral light
     * @param photographedHex as the photo has it
     * @param cast how many times the light's strongest channel is its weakest
     * @param unevenPercent how uneven the tile is where it was tapped
     */
    record ReadView(String hex, String photographedHex, double cast, double unevenPercent) {}

    /** The photo is the body; places are shares of the width and the height of the upright picture. */
    @PostMapping("/api/tiles/photo")
    ReadView read(
            @RequestParam double cardAcross,
            @RequestParam double cardDown,
            @RequestParam double tileAcross,
            @RequestParam double tileDown,
            @RequestParam Card card,
            HttpServletRequest request)
            throws IOException {
        Gathering g = new Gathering();
        var onCard = g.at("onCard", () -> new Spot(cardAcross, cardDown));
        var onTile = g.at("onTile", () -> new Spot(tileAcross, tileDown));
        g.orRefuse();
        Photo photo = Photo.of(request.getInputStream());
        ReadTile read = TileReading.read(
                photo.points(), photo.taken(onCard.orElseThrow()), photo.taken(onTile.orElseThrow()), card);
        return new ReadView(read.colour().hex(), read.asPhotographed().hex(), read.cast(), 100 * read.uneven());
    }
}
