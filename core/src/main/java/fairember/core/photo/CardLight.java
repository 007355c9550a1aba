package fairember.core.photo;

import java.awt.image.BufferedImage;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * How the light changes over a card: its luminance is looked at on a grid of small squares around a tap, as far as they are of the
 * card, and the logarithm is fitted by a plane.
 *
 * <pre>ln light = a + b·across + c·down</pre>
 *
 * @param perAcross b, for the whole width of the picture
 * @param perDown c, for its whole height
 */
record CardLight(double perAcross, double perDown) {
    /** Steps of the grid, as a share of the shorter side, and how many of them it goes out. */
    private static final double STEP = 0.03;

    private static final int OUT = 6;
    /** A neighbour whose light differs by more is no longer the card. */
    private static final double SAME = 0.08;

    private static final int ENOUGH = 6;

    /** No change, where too little of the card is to be seen. */
    private static final CardLight EVEN = new CardLight(0, 0);

    /** A square of the grid, in steps from the tap. */
    private record Cell(int across, int down) {}

    static CardLight around(BufferedImage picture, Spot tap) {
        double shorter = Math.min(picture.getWidth(), picture.getHeight());
        double stepAcross = STEP * shorter / picture.getWidth();
        double stepDown = STEP * shorter / picture.getHeight();
        Map<Cell, PhotoPatch> card = card(picture, tap, stepAcross, stepDown);
        if (card.size() < ENOUGH || !spreads(card)) {
            return EVEN;
        }
        List<Map.Entry<Cell, PhotoPatch>> cells = new ArrayList<>(card.entrySet());
        double[][] at = cells.stream()
                .map(Map.Entry::getKey)
                .map(cell -> new double[] {1, cell.across() * stepAcross, cell.down() * stepDown})
                .toArray(double[][]::new);
        double[] light = cells.stream()
                .mapToDouble(cell -> Math.log(cell.getValue().luminance()))
                .toArray();
        RealVector plane = new QRDecomposition(new Array2DRowRealMatrix(at, false))
                .getSolver()
                .solve(new ArrayRealVector(light));
        return new CardLight(plane.getEntry(1), plane.getEntry(2));
    }

    private static Map<Cell, PhotoPatch> card(BufferedImage picture, Spot tap, double stepAcross, double stepDown) {
        Map<Cell, PhotoPatch> card = new HashMap<>();
        Deque<Map.Entry<Cell, PhotoPatch>> next = new ArrayDeque<>();
        Cell middle = new Cell(0, 0);
        PhotoPatch tapped = PhotoPatch.of(picture, tap);
        card.put(middle, tapped);
        next.add(Map.entry(middle, tapped));
        while (!next.isEmpty()) {
            Map.Entry<Cell, PhotoPatch> known = next.remove();
            Cell from = known.getKey();
            for (Cell to : List.of(
                    new Cell(from.across() + 1, from.down()),
                    new Cell(from.across() - 1, from.down()),
                    new Cell(from.across(), from.down() + 1),
                    new Cell(from.across(), from.down() - 1))) {
                double across = tap.across() + to.across() * stepAcross;
                double down = tap.down() + to.down() * stepDown;
                boolean inside = Math.max(Math.abs(to.across()), Math.abs(to.down())) <= OUT
                        && Math.min(across, down) >= 0
                        && Math.max(across, down) <= 1;
                if (inside && !card.containsKey(to)) {
                    PhotoPatch patch = PhotoPatch.of(picture, new Spot(across, down));
                    if (patch.alike(known.getValue(), SAME)) {
                        card.put(to, patch);
                        next.add(Map.entry(to, patch));
                    }
                }
            }
        }
        return card;
    }

    /** Whether there is something to see in both directions. */
    private static boolean spreads(Map<Cell, PhotoPatch> card) {
        return card.keySet().stream().mapToInt(Cell::across).distinct().count() >= 2
                && card.keySet().stream().mapToInt(Cell::down).distinct().count() >= 2;
    }

    /** How many times the light at one place is what it is at another, if it goes on as over the card. */
    double times(Spot from, Spot to) {
        return Math.exp(perAcross * (to.across() - from.across()) + perDown * (to.down() - from.down()));
    }
}
