package fairember.app.trialtile;

import fairember.app.picture.Photo;
import fairember.core.input.Gathering;
import fairember.core.photo.Card;
import fairember.core.photo.ReadTile;
import fairember.core.photo.Spot;
import fairember.core.photo.TileReading;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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
     * @param tiltPercent by how much the light at the tile is more than at the card, as it goes on from the card; 0 when a second place on
     *     the card took it out
     */
    record ReadView(String hex, String photographedHex, double cast, double unevenPercent, double tiltPercent) {}

    /**
     * The photo is the body; places are shares of the width and the height of the upright picture. A second place on the card takes out
     * light that is not the same all over; {@code cardPercent} is what the card gives back, when it is known.
     */
    @PostMapping("/api/tiles/photo")
    ReadView read(
            @RequestParam double cardAcross,
            @RequestParam double cardDown,
            @RequestParam double tileAcross,
            @RequestParam double tileDown,
            @RequestParam Card card,
            @RequestParam(required = false) @Nullable Double cardPercent,
            @RequestParam(required = false) @Nullable Double againAcross,
            @RequestParam(required = false) @Nullable Double againDown,
            HttpServletRequest request)
            throws IOException {
        Gathering g = new Gathering();
        var onCard = g.at("onCard", () -> new Spot(cardAcross, cardDown));
        var onTile = g.at("onTile", () -> new Spot(tileAcross, tileDown));
        double reflects = cardPercent == null ? card.reflects() : cardPercent / 100;
        g.within(Card.REFLECTS, 100 * reflects);
        Optional<Spot> again = againAcross == null || againDown == null
                ? Optional.empty()
                : g.at("againOnCard", () -> new Spot(againAcross, againDown));
        g.orRefuse();
        Photo photo = Photo.of(request.getInputStream());
        TileReading.OnCard places = new TileReading.OnCard(photo.taken(onCard.orElseThrow()), again.map(photo::taken));
        ReadTile read = TileReading.read(photo.points(), places, photo.taken(onTile.orElseThrow()), card, reflects);
        return new ReadView(
                read.colour().hex(),
                read.asPhotographed().hex(),
                read.cast(),
                100 * read.uneven(),
                100 * (read.tilt() - 1));
    }
}
