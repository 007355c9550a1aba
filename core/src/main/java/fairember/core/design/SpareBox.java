package fairember.core.design;

import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.shape.Box;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;

/**
 * The box of spare parts: finished parts that later batches draw on, uneven sets too.
 *
 * @param parts up to {@value #MOST} kinds
 */
public record SpareBox(List<SparePart> parts) {
    public static final SpareBox EMPTY = new SpareBox(List.of());
    private static final int MOST = 200;
    /** Parts that differ by less are taken for alike, as a share and in mm. */
    private static final double ALIKE = 0.02;

    private static final double ALIKE_MM = 0.1;

    public SpareBox {
        parts = List.copyOf(parts);
        if (parts.size() > MOST) {
            throw new InvalidInputException(
                    "parts", parts.size() + " kinds", "up to " + MOST, "Take out the kinds you no longer use.");
        }
    }

    /**
     * A kind of spare part.
     *
     * @param shape at true size
     * @param mixId the mix it is made of
     * @param count how many there are
     */
    public record SparePart(
            @Name String name, Solid shape, @RefersTo("mix") long mixId, int count) {
        public static final Span COUNT = Span.count("count", "in the box", 0, 10_000);

        public SparePart {
            Gathering g = new Gathering();
            g.within(COUNT, (double) count);
            g.orRefuse();
        }

        /** Whether it can take the place of a part: of the same mix and shape, and as large but for a hair. */
        public boolean fits(Part part) {
            return mixId == part.mixId()
                    && isLoose(part)
                    && shape.kind() == part.shape().kind()
                    && alike(shape.volume().mm3(), part.shape().volume().mm3(), 0)
                    && alike(shape.box(), part.shape().box());
        }

        private static boolean alike(Box a, Box b) {
            return alike(a.width().mm(), b.width().mm(), ALIKE_MM)
                    && alike(a.depth().mm(), b.depth().mm(), ALIKE_MM)
                    && alike(a.height().mm(), b.height().mm(), ALIKE_MM);
        }

        private static boolean alike(double a, double b, double least) {
            return Math.abs(a - b) <= Math.max(least, 3 * ALIKE * Math.max(a, b));
        }

        SparePart with(int number) {
            return new SparePart(name, shape, mixId, number);
        }
    }

    /** Whether a part can lie in the box: it is of clay alone, and lies over or around no other. */
    private static boolean isLoose(Part part) {
        return part.core() == null && part.around() == null && part.layer() == null;
    }

    /**
     * The box with more of the parts that fit a part, or fewer when negative; a kind of its own when there is none yet. A part that cannot
     * lie in the box changes nothing.
     */
    public SpareBox with(Part part, String kind, int more) {
        if (!isLoose(part)) {
            return this;
        }
        List<SparePart> changed = new ArrayList<>(parts);
        int left = more;
        for (int i = 0; i < changed.size() && left != 0; i++) {
            SparePart there = changed.get(i);
            if (there.fits(part)) {
                int number = Math.max(0, there.count() + left);
                left = left > 0 ? 0 : left + there.count() - number;
                changed.set(i, there.with(number));
            }
        }
        if (left > 0) {
            changed.add(new SparePart(kind, part.shape(), part.mixId(), left));
        }
        return new SpareBox(changed);
    }
}
