package fairember.core.photo;

import fairember.core.colour.Srgb;

/**
 * The colour of a tile in a photo.
 *
 * @param colour of the tile under neutral light
 * @param asPhotographed before the card was taken for neutral
 * @param redGain by which red light was made more to make the card neutral
 * @param greenGain the same for green
 * @param blueGain the same for blue
 * @param uneven how uneven the tile is, standard deviation of its luminance over its mean
 * @param tilt how many times the light at the tile is what it is at the card, as it goes on from the card; 1 when a second place on the
 *     card took it out
 */
public record ReadTile(
        Srgb colour,
        Srgb asPhotographed,
        double redGain,
        double greenGain,
        double blueGain,
        double uneven,
        double tilt) {
    /** The cast of the light that was taken out: how many times the most of a channel is the least. */
    public double cast() {
        double most = Math.max(redGain, Math.max(greenGain, blueGain));
        double least = Math.min(redGain, Math.min(greenGain, blueGain));
        return most / least;
    }
}
