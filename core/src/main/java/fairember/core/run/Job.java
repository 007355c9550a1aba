package fairember.core.run;

import fairember.core.measure.Span;
import fairember.core.piece.MeasuredPiece;

/**
 * So many of one piece to make in a run.
 *
 * @param key unique among the jobs of a plan
 * @param piece to make
 * @param quantity wanted, 1 to 2000
 * @param progress what is done of it already
 */
public record Job(String key, MeasuredPiece piece, int quantity, Progress progress) {
    public static final Span QUANTITY = Span.count("quantity", "how many", 1, 2000);

    public Job {
        QUANTITY.check(quantity);
    }

    public Job(String key, MeasuredPiece piece, int quantity) {
        this(key, piece, quantity, Progress.NONE);
    }

    /** Pieces that still live: wanted less lost. */
    public int alive() {
        return Math.max(0, quantity - progress.lost());
    }

    /** Whether its last bake may start: every line of its gate is ticked, its inserts' lines too. */
    public boolean gateOpen() {
        return piece.piece().gateLines().isEmpty() || progress.gatePassed();
    }

    /** The key of the bake of one stage. */
    public String bakeKey(int stage) {
        return key + "/" + stage;
    }
}
