package fairember.app.batch;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** What has been done of a batch: pieces done and lost at each step, and checks ticked. */
public record ProgressForm(List<TallyForm> tallies, List<TickForm> ticks) {
    static final ProgressForm NONE = new ProgressForm(List.of(), List.of());
    static final Span DONE = Span.count("done", "done", 0, 2000);
    static final Span LOST = Span.count("lost", "lost", 0, 2000);

    /** Pieces done and lost at a step of a design, counted from 0. */
    public record TallyForm(long designId, int step, int done, int lost) {}

    /** A line of a design's checks that is ticked, counted from 0. */
    public record TickForm(long designId, int check) {}

    void check() {
        Gathering g = new Gathering();
        for (int i = 0; i < tallies.size(); i++) {
            TallyForm tally = tallies.get(i);
            g.at("tallies[" + i + "]", () -> DONE.check(tally.done()));
            g.at("tallies[" + i + "]", () -> LOST.check(tally.lost()));
        }
        g.orRefuse();
    }

    /** The tally of a step; zero when nothing was counted yet. */
    public TallyForm tally(long designId, int step) {
        return tallies.stream()
                .filter(t -> t.designId() == designId && t.step() == step)
                .findFirst()
                .orElse(new TallyForm(designId, step, 0, 0));
    }

    /** With the tally of one step changed. */
    public ProgressForm with(long designId, int step, UnaryOperator<TallyForm> change) {
        List<TallyForm> changed = new ArrayList<>(tallies);
        changed.removeIf(t -> t.designId() == designId && t.step() == step);
        changed.add(change.apply(tally(designId, step)));
        return new ProgressForm(changed, ticks);
    }

    /** With one check ticked or not. */
    ProgressForm with(TickForm tick, boolean ticked) {
        List<TickForm> changed = new ArrayList<>(ticks);
        changed.remove(tick);
        if (ticked) {
            changed.add(tick);
        }
        return new ProgressForm(tallies, changed);
    }
}
