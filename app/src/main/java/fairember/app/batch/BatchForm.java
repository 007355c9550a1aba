package fairember.app.batch;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.batch.Job;
import fairember.core.input.Gathering;
import fairember.core.input.Words;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** A batch: designs times quantities, when it begins and when it is due. */
public record BatchForm(String name, BatchState state, LocalDate beginsOn, LocalDate dueOn, List<BatchLineForm> lines) {
    /** Most different designs in a batch. */
    static final int MOST_LINES = 40;

    /** How many pieces of a design. */
    public record BatchLineForm(long designId, int quantity) {}

    /** Refuses what no batch can be. */
    void check() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", () -> given("state", state));
        g.at("", () -> given("beginsOn", beginsOn));
        g.at("", () -> given("dueOn", dueOn));
        List<BatchLineForm> given = g.at("", () -> all("lines", lines)).orElse(List.of());
        if (given.size() > MOST_LINES) {
            g.error("lines", given.size() + " pieces", "up to " + MOST_LINES, "Split the order into two batches.");
        }
        Set<Long> seen = new HashSet<>();
        for (int i = 0; i < given.size(); i++) {
            BatchLineForm line = given.get(i);
            g.at("lines[" + i + "]", () -> Job.QUANTITY.check(line.quantity()));
            if (!seen.add(line.designId())) {
                g.error(
                        "lines[" + i + "].designId",
                        "a design twice",
                        "each design once",
                        "Put both counts on one line.");
            }
        }
        g.orRefuse();
    }
}
