package fairember.core.blockcutting;

import java.util.Arrays;

/** Fits pieces, the longest first, into a set of sticks. */
final class BlockFitting {
    private final int[] sticks;
    private final double[] pieces;
    private final double[] room;
    private final int[] places;
    private final double smallest;
    private double spare;
    private int steps;

    BlockFitting(double[] sizes, int[] sticks, double[] pieces) {
        this.sticks = sticks;
        this.pieces = pieces;
        this.room = Arrays.stream(sticks).mapToDouble(i -> sizes[i]).toArray();
        this.places = new int[pieces.length];
        this.smallest = pieces.length == 0 ? 0 : pieces[pieces.length - 1];
        this.spare = Arrays.stream(room).sum() - Arrays.stream(pieces).sum() + Cutting.NOTHING;
    }

    /** Each piece to the first stick, in this order, that has room: the stick of each piece, −1 for none. */
    static int[] first(double[] sizes, int[] order, double[] pieces) {
        double[] room = sizes.clone();
        int[] places = new int[pieces.length];
        for (int i = 0; i < pieces.length; i++) {
            places[i] = -1;
            for (int stick : order) {
                if (room[stick] >= pieces[i] - Cutting.NOTHING) {
                    room[stick] -= pieces[i];
                    places[i] = stick;
                    break;
                }
            }
        }
        return places;
    }

    /** Each piece to the opened stick with the least room that will do; a new one, in this order, when none will. */
    static int[] tightest(double[] sizes, int[] order, double[] pieces) {
        double[] room = sizes.clone();
        int[] places = new int[pieces.length];
        for (int i = 0; i < pieces.length; i++) {
            places[i] = -1;
            double tightest = Double.POSITIVE_INFINITY;
            for (int stick : order) {
                boolean untouched = room[stick] == sizes[stick];
                boolean fits = room[stick] >= pieces[i] - Cutting.NOTHING;
                if (fits && room[stick] < tightest && !(untouched && places[i] >= 0)) {
                    tightest = room[stick];
                    places[i] = stick;
                }
            }
            if (places[i] >= 0) {
                room[places[i]] -= pieces[i];
            }
        }
        return places;
    }

    /** All pieces in these sticks, found by trying at most a number of places; empty when none was found. */
    int[] within(int mostSteps) {
        return place(0, mostSteps) ? places : new int[0];
    }

    int steps() {
        return steps;
    }

    private boolean place(int piece, int mostSteps) {
        if (piece == pieces.length) {
            return true;
        }
        double lastRoom = -1;
        for (int at = tightest(piece, -1, -1); at >= 0; at = tightest(piece, room[at], at)) {
            if (room[at] == lastRoom) {
                continue;
            }
            lastRoom = room[at];
            if (steps++ >= mostSteps) {
                return false;
            }
            double before = room[at];
            double wasted = before - pieces[piece] < smallest - Cutting.NOTHING ? before - pieces[piece] : 0;
            if (wasted > spare) {
                continue;
            }
            room[at] = before - pieces[piece];
            spare -= wasted;
            places[piece] = sticks[at];
            if (place(piece + 1, mostSteps)) {
                return true;
            }
            room[at] = before;
            spare += wasted;
        }
        return false;
    }

    /** The stick with the least room that holds the piece and comes after the one tried last. */
    private int tightest(int piece, double after, int last) {
        int found = -1;
        for (int i = 0; i < room.length; i++) {
            boolean later = room[i] > after || (room[i] == after && i > last);
            if (later && room[i] >= pieces[piece] - Cutting.NOTHING && (found < 0 || room[i] < room[found])) {
                found = i;
            }
        }
        return found;
    }
}
