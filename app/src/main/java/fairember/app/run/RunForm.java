package fairember.app.run;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.measure.Gathering;
import fairember.core.measure.Words;
import fairember.core.run.Job;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A run: designs times quantities, when it begins and when it is due. */
public record RunForm(String name, RunState state, LocalDate beginsOn, LocalDate dueOn, List<RunLineForm> lines) {
    /** Most different pieces in a run. */
    static final int MOST_LINES = 40;

    /** So many of a piece. */
    public record RunLineForm(long pieceId, int quantity) {}

    /** Refuses what no run can be. */
    void check() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", () -> given("state", state));
        g.at("", () -> given("beginsOn", beginsOn));
        g.at("", () -> given("dueOn", dueOn));
        List<RunLineForm> told = g.at("", () -> all("lines", lines)).orElse(List.of());
        if (told.size() > MOST_LINES) {
            g.wrong("lines", told.size() + " pieces", "up to " + MOST_LINES, "Make it two runs.");
        }
        Set<Long> seen = new HashSet<>();
        for (int i = 0; i < told.size(); i++) {
            RunLineForm line = told.get(i);
            g.at("lines[" + i + "]", () -> Job.QUANTITY.check(line.quantity()));
            if (!seen.add(line.pieceId())) {
                g.wrong("lines[" + i + "].pieceId", "a piece twice", "each piece once", "Put them on one line.");
            }
        }
        g.orRefuse();
    }
}
