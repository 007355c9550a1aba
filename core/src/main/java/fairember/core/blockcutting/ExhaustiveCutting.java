package fairember.core.blockcutting;

import java.util.Arrays;

/** Tries every way of giving few pieces to few sticks. */
final class ExhaustiveCutting {
    private final double[] room;
    private final double[] size;
    private final double[] pieces;
    private final double total;
    private final int[] places;
    private final int[] count;
    private int[] best;
    private double bestMissing = Double.POSITIVE_INFINITY;
    private double bestLeft = Double.POSITIVE_INFINITY;
    private int bestCuts = Integer.MAX_VALUE;

    ExhaustiveCutting(double[] sizes, double[] pieces) {
        this.size = sizes.clone();
        this.room = sizes.clone();
        this.pieces = pieces;
        this.total = Arrays.stream(pieces).sum();
        this.places = new int[pieces.length];
        this.count = new int[sizes.length];
        this.best = places;
    }

    /** The stick of each piece, −1 for none. */
    int[] best() {
        place(0, 0, 0);
        return best;
    }

    private void place(int piece, double missing, double opened) {
        double leftAtLeast = opened - (total - missing);
        boolean hopeless = missing > bestMissing + Cutting.NOTHING
                || (missing > bestMissing - Cutting.NOTHING && leftAtLeast > bestLeft + Cutting.NOTHING);
        if (hopeless) {
            return;
        }
        if (piece == pieces.length) {
            judge(missing, opened - (total - missing));
            return;
        }
        for (int stick = 0; stick < room.length; stick++) {
            if (room[stick] >= pieces[piece] - Cutting.NOTHING && !likeOneBefore(stick)) {
                double more = count[stick] == 0 ? size[stick] : 0;
                put(piece, stick, 1);
                place(piece + 1, missing, opened + more);
                put(piece, stick, -1);
            }
        }
        places[piece] = -1;
        place(piece + 1, missing + pieces[piece], opened);
    }

    private void put(int piece, int stick, int times) {
        places[piece] = stick;
        room[stick] -= times * pieces[piece];
        count[stick] += times;
    }

    /** An untouched stick of the same size came before: the same settings would be tried again. */
    private boolean likeOneBefore(int stick) {
        for (int i = 0; i < stick; i++) {
            if (count[i] == 0 && count[stick] == 0 && size[i] == size[stick]) {
                return true;
            }
        }
        return false;
    }

    private void judge(double missing, double left) {
        int cuts = 0;
        for (int i = 0; i < room.length; i++) {
            cuts += count[i] == 0 ? 0 : count[i] - (room[i] < Cutting.NOTHING ? 1 : 0);
        }
        boolean less = missing < bestMissing - Cutting.NOTHING;
        boolean same = missing < bestMissing + Cutting.NOTHING;
        boolean tidier = left < bestLeft - Cutting.NOTHING || (left < bestLeft + Cutting.NOTHING && cuts < bestCuts);
        if (less || (same && tidier)) {
            bestMissing = missing;
            bestLeft = left;
            bestCuts = cuts;
            best = places.clone();
        }
    }
}
