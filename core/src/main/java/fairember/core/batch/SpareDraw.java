package fairember.core.batch;

import fairember.core.design.MeasuredPart;
import fairember.core.design.Part;
import fairember.core.design.SpareBox;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is taken out of the box of spare parts, for one part after the other: what one takes no other has. */
public final class SpareDraw {
    private final SpareBox box;
    private final Reserved reserved;
    private final Map<Integer, Integer> takenOut = new HashMap<>();

    /** @param reserved what others have taken out before */
    SpareDraw(SpareBox box, Reserved reserved) {
        this.box = box;
        this.reserved = reserved;
    }

    /** What the box has of a part, at most as many as are wanted, by kind as the box lists them. */
    Map<Integer, Integer> take(Part part, int wanted) {
        Map<Integer, Integer> taken = new LinkedHashMap<>();
        int left = wanted;
        for (int kind = 0; kind < box.parts().size() && left > 0; kind++) {
            SpareBox.SparePart spare = box.parts().get(kind);
            int there = spare.count() - reserved.spares(kind) - takenOut.getOrDefault(kind, 0);
            int out = spare.fits(part) ? Math.min(left, Math.max(0, there)) : 0;
            if (out > 0) {
                taken.put(kind, out);
                takenOut.merge(kind, out, Integer::sum);
                left -= out;
            }
        }
        return taken;
    }

    private int take(MeasuredPart part, int pieces) {
        return take(part.part(), part.part().count() * pieces).values().stream()
                .mapToInt(Integer::intValue)
                .sum();
    }

    /**
     * How many of each part of a job come out of the box.
     *
     * @param pieces of the job
     * @param open all jobs that draw on the box: those that stand before this one draw first
     */
    public static List<Integer> of(Job job, int pieces, List<Job> open, SpareBox box) {
        List<MeasuredPart> parts = job.design().parts();
        if (box.parts().isEmpty()) {
            return Collections.nCopies(parts.size(), 0);
        }
        SpareDraw draw = new SpareDraw(box, Reserved.NOTHING);
        open.stream()
                .takeWhile(other -> !other.key().equals(job.key()))
                .forEach(other -> other.design().parts().forEach(part -> draw.take(part, other.quantity())));
        return parts.stream().map(part -> draw.take(part, pieces)).toList();
    }
}
