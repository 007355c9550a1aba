package fairember.app.sums;

import fairember.app.web.WorkingsView;
import fairember.core.wire.JumpRing;
import fairember.core.wire.JumpRingWorkings;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The jump ring for a hole; nothing is saved. */
@RestController
class JumpRingSums {
    /**
     * How a ring of a size fits.
     *
     * @param playMm more than the least inner diameter
     * @param holeMm that its bent wire needs
     */
    record RingSizeView(double innerMm, double playMm, double holeMm, boolean fits) {
        static RingSizeView of(JumpRing.Size size) {
            return new RingSizeView(size.inner().mm(), size.play(), size.hole().mm(), size.fits());
        }
    }

    /** The least ring, and how the next whole sizes fit. */
    record JumpRingView(double leastMm, List<RingSizeView> sizes, WorkingsView workings) {}

    @PostMapping("/api/sums/jump-ring")
    JumpRingView ring(@RequestBody JumpRing ring) {
        return new JumpRingView(
                ring.least().mm(),
                ring.next().stream().map(RingSizeView::of).toList(),
                WorkingsView.of(JumpRingWorkings.of(ring)));
    }
}
